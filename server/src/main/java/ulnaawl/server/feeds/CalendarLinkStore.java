package ulnaawl.server.feeds;

import static ulnaawl.server.tables.Tables.CALENDAR_LINK;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.tables.tables.records.CalendarLinkRecord;

/** Addresses of calendars in the database. */
@Repository
@RequiredArgsConstructor
class CalendarLinkStore {

  private final DSLContext database;

  /** Somebody's, the newest first. */
  List<CalendarLink> of(long person) {
    return database
        .selectFrom(CALENDAR_LINK)
        .where(CALENDAR_LINK.PERSON_ID.eq(person))
        .orderBy(CALENDAR_LINK.ID.desc())
        .fetch(CalendarLinkStore::row);
  }

  Optional<CalendarLink> find(String digest) {
    return database
        .selectFrom(CALENDAR_LINK)
        .where(CALENDAR_LINK.WORD_DIGEST.eq(digest))
        .fetchOptional(CalendarLinkStore::row);
  }

  long add(String digest, CalendarLink made) {
    return database
        .insertInto(CALENDAR_LINK)
        .set(CALENDAR_LINK.WORD_DIGEST, digest)
        .set(CALENDAR_LINK.KIND, made.kind().name())
        .set(CALENDAR_LINK.PERSON_ID, made.person())
        .set(CALENDAR_LINK.GROUP_ID, made.group().orElse(null))
        .set(CALENDAR_LINK.MADE_AT, made.at())
        .returningResult(CALENDAR_LINK.ID)
        .fetchSingle()
        .value1();
  }

  void used(long id, LocalDateTime at) {
    database
        .update(CALENDAR_LINK)
        .set(CALENDAR_LINK.LAST_USED, at)
        .where(CALENDAR_LINK.ID.eq(id))
        .execute();
  }

  /** All of somebody's. */
  void forget(PersonId person) {
    database.deleteFrom(CALENDAR_LINK).where(CALENDAR_LINK.PERSON_ID.eq(person.number())).execute();
  }

  /** Whether it was there and that person's. */
  boolean delete(long id, long person) {
    return database
            .deleteFrom(CALENDAR_LINK)
            .where(CALENDAR_LINK.ID.eq(id).and(CALENDAR_LINK.PERSON_ID.eq(person)))
            .execute()
        == 1;
  }

  private static CalendarLink row(CalendarLinkRecord row) {
    return new CalendarLink(
        row.getId(),
        CalendarKind.valueOf(row.getKind()),
        row.getPersonId(),
        Optional.ofNullable(row.getGroupId()),
        row.getMadeAt(),
        Optional.ofNullable(row.getLastUsed()));
  }
}
