package ulnaawl.server.teaching;

import static ulnaawl.server.tables.Tables.TEACH_TIME;
import static ulnaawl.server.tables.Tables.WATCH_OUT;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.tables.tables.records.WatchOutRecord;
import ulnaawl.teach.lesson.TeachPace;

/** Notes on sections and the time that teaches took, in the database. */
@Repository
@RequiredArgsConstructor
class TeachingStore {

  private static final VersionedStore<WatchOutRecord> ROWS =
      new VersionedStore<>(WATCH_OUT.ID, WATCH_OUT.VERSION, WATCH_OUT.ACTIVE);

  private static final int LATEST = 20;

  private final DSLContext database;

  List<WatchOutRow> watchOuts(long dance) {
    return database
        .selectFrom(WATCH_OUT)
        .where(WATCH_OUT.DANCE_ID.eq(dance).and(WATCH_OUT.ACTIVE.isTrue()))
        .orderBy(WATCH_OUT.ID)
        .fetch(row ->
            new WatchOutRow(
                row.getId(),
                new DanceVersion(row.getDanceId(), row.getDanceVersion()),
                row.getSection(),
                row.getNote(),
                row.getByPerson(),
                row.getVersion()));
  }

  long watch(DanceVersion at, int section, String note, PersonId by, LocalDateTime when) {
    WatchOutRecord values = values(at, section, note, by, when);
    values.setDanceId(at.dance());
    return ROWS.add(database, values);
  }

  /** Whether the note still had that version, and so was changed. */
  boolean change(
      long id,
      int version,
      DanceVersion at,
      int section,
      String note,
      PersonId by,
      LocalDateTime when) {
    return ROWS.change(database, id, version, values(at, section, note, by, when));
  }

  private static WatchOutRecord values(
      DanceVersion at, int section, String note, PersonId by, LocalDateTime when) {
    WatchOutRecord values = new WatchOutRecord();
    values.setDanceVersion(at.version());
    values.setSection(section);
    values.setNote(note);
    values.setByPerson(by);
    values.setWrittenAt(when);
    return values;
  }

  /** Whether the note still had that version, and so was archived. */
  boolean archive(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  /** How long the latest teaches of a group took. */
  List<TeachPace.Past> past(long group) {
    return database
        .selectFrom(TEACH_TIME)
        .where(TEACH_TIME.GROUP_ID.eq(group))
        .orderBy(TEACH_TIME.TAUGHT_ON.desc(), TEACH_TIME.ID.desc())
        .limit(LATEST)
        .fetch(row ->
            new TeachPace.Past(
                row.getPlannedSeconds(), row.getRealSeconds(), row.getClassPercent()));
  }

  long took(long group, DanceVersion at, LocalDate day, TeachPace.Past past, PersonId by) {
    return database
        .insertInto(TEACH_TIME)
        .set(TEACH_TIME.GROUP_ID, group)
        .set(TEACH_TIME.DANCE_ID, at.dance())
        .set(TEACH_TIME.DANCE_VERSION, at.version())
        .set(TEACH_TIME.TAUGHT_ON, day)
        .set(TEACH_TIME.PLANNED_SECONDS, past.plannedSeconds())
        .set(TEACH_TIME.REAL_SECONDS, past.realSeconds())
        .set(TEACH_TIME.CLASS_PERCENT, past.classPercent())
        .set(TEACH_TIME.BY_PERSON, by)
        .returningResult(TEACH_TIME.ID)
        .fetchSingle()
        .value1();
  }
}
