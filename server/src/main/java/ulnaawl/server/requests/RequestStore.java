package ulnaawl.server.requests;

import static ulnaawl.server.tables.Tables.DANCE_REQUEST;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.register.DancerForgotten;
import ulnaawl.server.tables.tables.records.DanceRequestRecord;

/** Who asked for what, in the database. */
@Repository
@RequiredArgsConstructor
class RequestStore {

  private final DSLContext database;

  /** The requests of a group that nobody has dropped, the oldest first. */
  List<RequestRow> of(long group) {
    return database
        .selectFrom(DANCE_REQUEST)
        .where(DANCE_REQUEST.GROUP_ID.eq(group).and(DANCE_REQUEST.DROPPED_AT.isNull()))
        .orderBy(DANCE_REQUEST.ASKED_ON, DANCE_REQUEST.ID)
        .fetch(RequestStore::row);
  }

  long add(
      long group, long dance, String askedBy, int people, LocalDate on, String note, PersonId by) {
    return database
        .insertInto(DANCE_REQUEST)
        .set(DANCE_REQUEST.GROUP_ID, group)
        .set(DANCE_REQUEST.DANCE_ID, dance)
        .set(DANCE_REQUEST.ASKED_BY, askedBy)
        .set(DANCE_REQUEST.PEOPLE, people)
        .set(DANCE_REQUEST.ASKED_ON, on)
        .set(DANCE_REQUEST.NOTE, note)
        .set(DANCE_REQUEST.BY_PERSON, by)
        .returningResult(DANCE_REQUEST.ID)
        .fetchSingle()
        .value1();
  }

  /** Forgets who asked, in every group; the requests stay. */
  @EventListener
  void forget(DancerForgotten dancer) {
    database
        .update(DANCE_REQUEST)
        .set(DANCE_REQUEST.ASKED_BY, dancer.instead())
        .where(DSL.lower(DANCE_REQUEST.ASKED_BY).eq(DSL.lower(dancer.name())))
        .execute();
  }

  /** Whether it was there, and so was dropped. */
  boolean drop(long group, long id, PersonId by, LocalDateTime at) {
    return database
            .update(DANCE_REQUEST)
            .set(DANCE_REQUEST.DROPPED_BY, by)
            .set(DANCE_REQUEST.DROPPED_AT, at)
            .where(
                DANCE_REQUEST
                    .ID
                    .eq(id)
                    .and(DANCE_REQUEST.GROUP_ID.eq(group))
                    .and(DANCE_REQUEST.DROPPED_AT.isNull()))
            .execute()
        == 1;
  }

  private static RequestRow row(DanceRequestRecord row) {
    return new RequestRow(
        row.getId(),
        row.getGroupId(),
        row.getDanceId(),
        row.getAskedBy(),
        row.getPeople(),
        row.getAskedOn(),
        row.getNote(),
        row.getByPerson());
  }
}
