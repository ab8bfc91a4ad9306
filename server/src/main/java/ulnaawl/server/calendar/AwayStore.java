package ulnaawl.server.calendar;

import static ulnaawl.server.tables.Tables.AWAY;

import java.time.LocalDate;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;

/** Days on which people cannot lead, in the database. */
@Repository
@RequiredArgsConstructor
class AwayStore {

  private final DSLContext database;

  /** Those that are not over on a day, the first ones first. */
  List<AwayRow> from(LocalDate day) {
    return database
        .selectFrom(AWAY)
        .where(AWAY.TO_DAY.ge(day))
        .orderBy(AWAY.FROM_DAY, AWAY.ID)
        .fetch(row ->
            new AwayRow(
                row.getId(), row.getPersonId(), row.getFromDay(), row.getToDay(), row.getNote()));
  }

  long add(AwayRow row) {
    return database
        .insertInto(AWAY)
        .set(AWAY.PERSON_ID, row.person())
        .set(AWAY.FROM_DAY, row.from())
        .set(AWAY.TO_DAY, row.to())
        .set(AWAY.NOTE, row.note())
        .returningResult(AWAY.ID)
        .fetchSingle()
        .value1();
  }

  /** All of somebody's, for good. */
  void forget(PersonId person) {
    database.deleteFrom(AWAY).where(AWAY.PERSON_ID.eq(person.number())).execute();
  }

  /** Whether it was there and that person's. */
  boolean delete(long id, long person) {
    return database.deleteFrom(AWAY).where(AWAY.ID.eq(id).and(AWAY.PERSON_ID.eq(person))).execute()
        == 1;
  }
}
