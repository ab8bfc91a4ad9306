package ulnaawl.server.handover;

import static ulnaawl.server.tables.Tables.HANDOVER_NOTE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.tables.tables.records.HandoverNoteRecord;

/** Notes and questions in the database. */
@Repository
@RequiredArgsConstructor
class NoteStore {

  private static final Condition THERE = HANDOVER_NOTE.REMOVED_AT.isNull();
  private static final int MOST_SHOWN = 30;

  private final DSLContext database;

  /** The newest of a group, the newest first. */
  List<NoteRow> of(long group) {
    return rows(HANDOVER_NOTE.GROUP_ID.eq(group));
  }

  /** What waits for somebody's answer. */
  List<NoteRow> openFor(PersonId person) {
    return rows(HANDOVER_NOTE.ASKED.eq(person).and(HANDOVER_NOTE.ANSWERED_AT.isNull()));
  }

  /** What somebody asked and was answered at some moment or later. */
  List<NoteRow> answeredSince(PersonId by, LocalDateTime since) {
    return rows(HANDOVER_NOTE.BY_PERSON.eq(by).and(HANDOVER_NOTE.ANSWERED_AT.ge(since)));
  }

  Optional<NoteRow> find(long id) {
    return rows(HANDOVER_NOTE.ID.eq(id)).stream().findFirst();
  }

  private List<NoteRow> rows(Condition where) {
    return database
        .selectFrom(HANDOVER_NOTE)
        .where(where.and(THERE))
        .orderBy(HANDOVER_NOTE.ID.desc())
        .limit(MOST_SHOWN)
        .fetch(NoteStore::row);
  }

  long add(long group, String text, Optional<PersonId> asked, PersonId by, LocalDateTime at) {
    return database
        .insertInto(HANDOVER_NOTE)
        .set(HANDOVER_NOTE.GROUP_ID, group)
        .set(HANDOVER_NOTE.TEXT, text)
        .set(HANDOVER_NOTE.ASKED, asked.orElse(null))
        .set(HANDOVER_NOTE.BY_PERSON, by)
        .set(HANDOVER_NOTE.WRITTEN_AT, at)
        .returningResult(HANDOVER_NOTE.ID)
        .fetchSingle()
        .value1();
  }

  /** Whether it still waited for an answer. */
  boolean answer(long id, String text, PersonId by, LocalDateTime at) {
    return database
            .update(HANDOVER_NOTE)
            .set(HANDOVER_NOTE.ANSWER, text)
            .set(HANDOVER_NOTE.ANSWERED_BY, by)
            .set(HANDOVER_NOTE.ANSWERED_AT, at)
            .where(HANDOVER_NOTE.ID.eq(id).and(HANDOVER_NOTE.ANSWERED_AT.isNull()).and(THERE))
            .execute()
        == 1;
  }

  /** Whether it was there. */
  boolean remove(long id, LocalDateTime at) {
    return database
            .update(HANDOVER_NOTE)
            .set(HANDOVER_NOTE.REMOVED_AT, at)
            .where(HANDOVER_NOTE.ID.eq(id).and(THERE))
            .execute()
        == 1;
  }

  private static NoteRow row(HandoverNoteRecord row) {
    return new NoteRow(
        row.getId(),
        row.getGroupId(),
        row.getText(),
        row.getByPerson(),
        row.getWrittenAt(),
        Optional.ofNullable(row.getAsked()),
        Optional.ofNullable(row.getAnsweredAt())
            .map(at -> new NoteRow.Answer(row.getAnswer(), row.getAnsweredBy(), at)));
  }
}
