package ulnaawl.server.rulings;

import static ulnaawl.server.tables.Tables.RULING;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.Map;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.learning.Ruling;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.tables.tables.records.RulingRecord;

/** What people say against the record, in the database. */
@Repository
@RequiredArgsConstructor
class RulingStore implements ReadsAll {

  private final DSLContext database;

  private static Condition holds(long group) {
    return RULING.GROUP_ID.eq(group).and(RULING.TAKEN_BACK_AT.isNull());
  }

  /** The rulings that hold, by group and dance. */
  Map<Long, Map<Long, Ruling>> all() {
    Map<Long, Map<Long, Ruling>> all = new HashMap<>();
    database
        .selectFrom(RULING)
        .where(RULING.TAKEN_BACK_AT.isNull())
        .orderBy(RULING.ID)
        .forEach(row ->
            all.computeIfAbsent(row.getGroupId(), _ -> new HashMap<>())
                .put(row.getDanceId(), ruling(row)));
    return all;
  }

  /** Takes the place of one that holds already. */
  long add(
      long group,
      long dance,
      Stage stage,
      String note,
      PersonId by,
      LocalDate on,
      LocalDateTime at) {
    takeBack(group, dance, by, at);
    return database
        .insertInto(RULING)
        .set(RULING.GROUP_ID, group)
        .set(RULING.DANCE_ID, dance)
        .set(RULING.STAGE, stage.name())
        .set(RULING.NOTE, note)
        .set(RULING.BY_PERSON, by)
        .set(RULING.RULED_ON, on)
        .returningResult(RULING.ID)
        .fetchSingle()
        .value1();
  }

  /** Whether one held, and so was taken back. */
  boolean takeBack(long group, long dance, PersonId by, LocalDateTime at) {
    return database
            .update(RULING)
            .set(RULING.TAKEN_BACK_BY, by)
            .set(RULING.TAKEN_BACK_AT, at)
            .where(holds(group).and(RULING.DANCE_ID.eq(dance)))
            .execute()
        > 0;
  }

  private static Ruling ruling(RulingRecord row) {
    Stage stage = Stage.valueOf(row.getStage());
    return stage == Stage.RETIRED
        ? new Ruling.Retires(row.getByPerson(), row.getRuledOn(), row.getNote())
        : new Ruling.StandsAt(stage, row.getByPerson(), row.getRuledOn(), row.getNote());
  }

  @Override
  public void readAll() {
    all();
  }
}
