package ulnaawl.server.groups;

import static ulnaawl.server.tables.Tables.EVIDENCE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.server.tables.tables.records.EvidenceRecord;

/** The record of learning in the database. */
@Repository
class EvidenceStore {

  private final DSLContext database;

  EvidenceStore(DSLContext database) {
    this.database = database;
  }

  List<EvidenceRow> all() {
    return database
        .selectFrom(EVIDENCE)
        .orderBy(EVIDENCE.HAPPENED_ON, EVIDENCE.ID)
        .fetch(EvidenceStore::row);
  }

  List<EvidenceRow> of(long group) {
    return database
        .selectFrom(EVIDENCE)
        .where(EVIDENCE.GROUP_ID.eq(group))
        .orderBy(EVIDENCE.HAPPENED_ON, EVIDENCE.ID)
        .fetch(EvidenceStore::row);
  }

  long add(
      long group,
      long dance,
      Optional<Long> meeting,
      Evidence evidence,
      String note,
      LocalDateTime at) {
    return database
        .insertInto(EVIDENCE)
        .set(EVIDENCE.GROUP_ID, group)
        .set(EVIDENCE.DANCE_ID, dance)
        .set(EVIDENCE.MEETING_ID, meeting.orElse(null))
        .set(EVIDENCE.HAPPENED_ON, evidence.date())
        .set(EVIDENCE.HAPPENED, evidence.happened().name())
        .set(EVIDENCE.SECTIONS, evidence.sections())
        .set(EVIDENCE.OUTCOME, evidence.outcome().name())
        .set(EVIDENCE.NOTE, note)
        .set(EVIDENCE.BY_NAME, evidence.by())
        .set(EVIDENCE.WRITTEN_AT, at)
        .returningResult(EVIDENCE.ID)
        .fetchSingle()
        .value1();
  }

  void removeOf(long meeting) {
    database.deleteFrom(EVIDENCE).where(EVIDENCE.MEETING_ID.eq(meeting)).execute();
  }

  boolean remove(long group, long id) {
    return database
            .deleteFrom(EVIDENCE)
            .where(EVIDENCE.ID.eq(id).and(EVIDENCE.GROUP_ID.eq(group)))
            .execute()
        == 1;
  }

  private static EvidenceRow row(EvidenceRecord row) {
    return new EvidenceRow(
        row.getId(),
        row.getGroupId(),
        row.getDanceId(),
        Optional.ofNullable(row.getMeetingId()),
        new Evidence(
            row.getHappenedOn(),
            Happened.valueOf(row.getHappened()),
            row.getSections(),
            Outcome.valueOf(row.getOutcome()),
            row.getByName()),
        row.getNote());
  }
}
