package ulnaawl.server.groups;

import static ulnaawl.server.tables.Tables.EVIDENCE;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Repository;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.platform.NameReplaced;
import ulnaawl.server.platform.SignedStore;
import ulnaawl.server.tables.tables.records.EvidenceRecord;

/** The record of learning in the database. What is taken back stays, marked as withdrawn. */
@Repository
class EvidenceStore {

  private final DSLContext database;

  EvidenceStore(DSLContext database) {
    this.database = database;
  }

  @EventListener
  void nameReplaced(NameReplaced name) {
    SignedStore.replace(database, name, EVIDENCE.BY_NAME, EVIDENCE.WITHDRAWN_BY);
  }

  List<EvidenceRow> of(long group) {
    return database
        .selectFrom(EVIDENCE)
        .where(EVIDENCE.GROUP_ID.eq(group).and(EVIDENCE.WITHDRAWN_AT.isNull()))
        .orderBy(EVIDENCE.HAPPENED_ON, EVIDENCE.ID)
        .fetch(EvidenceStore::row);
  }

  List<EvidenceRow> ofClasses(List<Long> classes) {
    return database
        .selectFrom(EVIDENCE)
        .where(EVIDENCE.CLASS_ID.in(classes).and(EVIDENCE.WITHDRAWN_AT.isNull()))
        .orderBy(EVIDENCE.ID)
        .fetch(EvidenceStore::row);
  }

  long add(EvidenceRow.Fresh draft, String by, LocalDateTime at) {
    return database
        .insertInto(EVIDENCE)
        .set(EVIDENCE.GROUP_ID, draft.group())
        .set(EVIDENCE.DANCE_ID, draft.at().dance())
        .set(EVIDENCE.DANCE_VERSION, draft.at().version())
        .set(EVIDENCE.CLASS_ID, draft.classId().orElse(null))
        .set(EVIDENCE.HAPPENED_ON, draft.date())
        .set(EVIDENCE.HAPPENED, draft.happened().name())
        .set(EVIDENCE.SECTIONS, draft.happened().isWhole() ? null : draft.shown().label())
        .set(EVIDENCE.OUTCOME, draft.outcome().name())
        .set(EVIDENCE.NOTE, draft.note())
        .set(EVIDENCE.BY_NAME, by)
        .set(EVIDENCE.WRITTEN_AT, at)
        .returningResult(EVIDENCE.ID)
        .fetchSingle()
        .value1();
  }

  void withdrawOf(long classId, String by, LocalDateTime at) {
    withdraw(EVIDENCE.CLASS_ID.eq(classId), by, at);
  }

  /** Whether the entry was there, and so was taken back. */
  boolean withdraw(long group, long id, String by, LocalDateTime at) {
    return withdraw(EVIDENCE.ID.eq(id).and(EVIDENCE.GROUP_ID.eq(group)), by, at) == 1;
  }

  private int withdraw(Condition which, String by, LocalDateTime at) {
    return database
        .update(EVIDENCE)
        .set(EVIDENCE.WITHDRAWN_BY, by)
        .set(EVIDENCE.WITHDRAWN_AT, at)
        .where(which.and(EVIDENCE.WITHDRAWN_AT.isNull()))
        .execute();
  }

  private static EvidenceRow row(EvidenceRecord row) {
    return new EvidenceRow(
        row.getId(),
        row.getGroupId(),
        new DanceVersion(row.getDanceId(), row.getDanceVersion()),
        Optional.ofNullable(row.getClassId()),
        row.getHappenedOn(),
        Happened.valueOf(row.getHappened()),
        Optional.ofNullable(row.getSections()).map(SectionSet::parse),
        Outcome.valueOf(row.getOutcome()),
        row.getByName(),
        row.getNote());
  }
}
