package ulnaawl.server.teaching;

import static ulnaawl.server.tables.Tables.TEACH;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;
import ulnaawl.people.PersonId;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.tables.tables.records.TeachRecord;
import ulnaawl.teach.school.School;

/** Teaches that were put together, in the database. */
@Repository
@RequiredArgsConstructor
class TeachStore implements ReadsAll {

  private static final VersionedStore<TeachRecord> ROWS =
      new VersionedStore<>(TEACH.ID, TEACH.VERSION, TEACH.ACTIVE);

  private final DSLContext database;
  private final JsonMapper mapper;

  Optional<TeachRow> find(long group, long dance) {
    return database
        .selectFrom(TEACH)
        .where(TEACH.GROUP_ID.eq(group).and(TEACH.DANCE_ID.eq(dance)).and(TEACH.ACTIVE.isTrue()))
        .fetchOptional(this::row);
  }

  /** Who last changed each teach that is put together. */
  Map<TeachOf, PersonId> savedBy() {
    return database
        .select(TEACH.GROUP_ID, TEACH.DANCE_ID, TEACH.UPDATED_BY)
        .from(TEACH)
        .where(TEACH.ACTIVE.isTrue())
        .fetchMap(row -> new TeachOf(row.value1(), row.value2()), row -> row.value3());
  }

  long add(
      long group,
      DanceVersion at,
      Optional<School> school,
      int minutes,
      List<SavedDrill> drills,
      PersonId by,
      LocalDateTime when) {
    TeachRecord values = values(at, school, minutes, drills, by, when);
    values.setGroupId(group);
    values.setMadeBy(by);
    return ROWS.add(database, values);
  }

  /** Whether the teach still had that version, and so was changed. */
  boolean change(
      long id,
      int version,
      DanceVersion at,
      Optional<School> school,
      int minutes,
      List<SavedDrill> drills,
      PersonId by,
      LocalDateTime when) {
    return ROWS.change(database, id, version, values(at, school, minutes, drills, by, when));
  }

  /** Whether the teach still had that version, and so was archived. */
  boolean archive(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  private TeachRecord values(
      DanceVersion at,
      Optional<School> school,
      int minutes,
      List<SavedDrill> drills,
      PersonId by,
      LocalDateTime when) {
    TeachRecord values = new TeachRecord();
    values.setDanceId(at.dance());
    values.setDanceVersion(at.version());
    values.set(TEACH.SCHOOL, school.map(School::name).orElse(null));
    values.setMinutes(minutes);
    values.setDrills(mapper.writeValueAsString(drills));
    values.setUpdatedBy(by);
    values.setUpdatedAt(when);
    return values;
  }

  private TeachRow row(TeachRecord row) {
    return new TeachRow(
        row.getId(),
        row.getGroupId(),
        new DanceVersion(row.getDanceId(), row.getDanceVersion()),
        Optional.ofNullable(row.getSchool()).map(School::valueOf),
        row.getMinutes(),
        List.of(mapper.readValue(row.getDrills(), SavedDrill[].class)),
        row.getMadeBy(),
        row.getUpdatedBy(),
        row.getUpdatedAt(),
        row.getVersion());
  }

  @Override
  public void readAll() {
    database.selectFrom(TEACH).forEach(this::row);
  }
}
