package ulnaawl.server.calendar;

import static ulnaawl.server.tables.Tables.CLOSED_DAYS;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.tables.tables.records.ClosedDaysRecord;

/** Days without a class in the database; what is removed stays, marked so. */
@Repository
@RequiredArgsConstructor
class ClosedDaysStore {

  private final DSLContext database;

  List<ClosedRow> all() {
    return database
        .selectFrom(CLOSED_DAYS)
        .where(CLOSED_DAYS.REMOVED_AT.isNull())
        .orderBy(CLOSED_DAYS.FROM_DAY, CLOSED_DAYS.ID)
        .fetch(ClosedDaysStore::row);
  }

  long add(ClosedRow row) {
    return database
        .insertInto(CLOSED_DAYS)
        .set(CLOSED_DAYS.GROUP_ID, row.group().orElse(null))
        .set(CLOSED_DAYS.FROM_DAY, row.from())
        .set(CLOSED_DAYS.TO_DAY, row.to())
        .set(CLOSED_DAYS.NOTE, row.note())
        .set(CLOSED_DAYS.BY_PERSON, row.by())
        .returningResult(CLOSED_DAYS.ID)
        .fetchSingle()
        .value1();
  }

  /** Whether they were there, and so were removed. */
  boolean remove(long id, PersonId by, LocalDateTime at) {
    return database
            .update(CLOSED_DAYS)
            .set(CLOSED_DAYS.REMOVED_BY, by)
            .set(CLOSED_DAYS.REMOVED_AT, at)
            .where(CLOSED_DAYS.ID.eq(id).and(CLOSED_DAYS.REMOVED_AT.isNull()))
            .execute()
        == 1;
  }

  private static ClosedRow row(ClosedDaysRecord row) {
    return new ClosedRow(
        row.getId(),
        Optional.ofNullable(row.getGroupId()),
        row.getFromDay(),
        row.getToDay(),
        row.getNote(),
        row.getByPerson());
  }
}
