package ulnaawl.server.groups;

import static ulnaawl.server.tables.Tables.DANCE_GROUP;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.figure.Level;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.tables.tables.records.DanceGroupRecord;

/** Groups in the database. */
@Repository
@RequiredArgsConstructor
class GroupStore implements ReadsAll {

  private static final VersionedStore<DanceGroupRecord> ROWS =
      new VersionedStore<>(DANCE_GROUP.ID, DANCE_GROUP.VERSION, DANCE_GROUP.ACTIVE);

  private final DSLContext database;

  List<GroupRow> all() {
    return database
        .selectFrom(DANCE_GROUP)
        .where(DANCE_GROUP.ACTIVE.isTrue())
        .orderBy(DANCE_GROUP.WEEKDAY, DANCE_GROUP.STARTS_AT, DANCE_GROUP.NAME)
        .fetch(GroupStore::row);
  }

  /** With those that are archived. */
  List<GroupRow> allEver() {
    return database.selectFrom(DANCE_GROUP).orderBy(DANCE_GROUP.ID).fetch(GroupStore::row);
  }

  Optional<GroupRow> find(long id) {
    return database
        .selectFrom(DANCE_GROUP)
        .where(DANCE_GROUP.ID.eq(id))
        .fetchOptional(GroupStore::row);
  }

  long add(GroupDraft draft) {
    return ROWS.add(database, values(draft));
  }

  /** Whether the group still had that version, and so was changed; an archived one comes back. */
  boolean change(long id, int version, GroupDraft draft) {
    return ROWS.changeAndShow(database, id, version, values(draft));
  }

  /** Whether the group still had that version and was in sight, and so was archived. */
  boolean archive(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  private DanceGroupRecord values(GroupDraft draft) {
    DanceGroupRecord values = new DanceGroupRecord();
    values.setName(draft.name().strip());
    values.setLevel(draft.level().name());
    values.setWeekday(draft.weekday().getValue());
    values.setStartsAt(draft.startsAt());
    values.setMinutes(draft.minutes());
    values.setPlace(draft.place().strip());
    return values;
  }

  private static GroupRow row(DanceGroupRecord row) {
    return new GroupRow(
        row.getId(),
        row.getName(),
        Level.valueOf(row.getLevel()),
        DayOfWeek.of(row.getWeekday()),
        row.getStartsAt(),
        row.getMinutes(),
        row.getPlace(),
        row.getVersion(),
        row.getActive() == null);
  }

  @Override
  public void readAll() {
    allEver();
  }
}
