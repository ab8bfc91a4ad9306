package ulnaawl.server.learning;

import static ulnaawl.server.tables.Tables.EVIDENCE;
import static ulnaawl.server.tables.Tables.EVIDENCE_SPOT;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;
import ulnaawl.server.dances.DanceVersion;
import ulnaawl.server.learning.EntryRow.Details;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.RowsStore;
import ulnaawl.server.tables.tables.records.EvidenceRecord;
import ulnaawl.server.tables.tables.records.EvidenceSpotRecord;

/** The record of learning in the database. What is taken back stays, marked as withdrawn. */
@Repository
@RequiredArgsConstructor
class EntryStore implements ReadsAll {

  private final DSLContext database;

  List<EntryRow> of(long group) {
    return rows(EVIDENCE.GROUP_ID.eq(group));
  }

  List<EntryRow> ofClasses(List<Long> classes) {
    return classes.isEmpty() ? List.of() : rows(EVIDENCE.CLASS_ID.in(classes));
  }

  List<EntryRow> between(LocalDate from, LocalDate to) {
    return rows(EVIDENCE.HAPPENED_ON.between(from, to));
  }

  private List<EntryRow> rows(Condition which) {
    Condition there = which.and(EVIDENCE.WITHDRAWN_AT.isNull());
    Map<Long, Map<Integer, Outcome>> spots = new HashMap<>();
    database
        .select(EVIDENCE_SPOT.EVIDENCE_ID, EVIDENCE_SPOT.SECTION, EVIDENCE_SPOT.OUTCOME)
        .from(EVIDENCE_SPOT)
        .join(EVIDENCE)
        .on(EVIDENCE.ID.eq(EVIDENCE_SPOT.EVIDENCE_ID))
        .where(there)
        .forEach(row ->
            spots
                .computeIfAbsent(row.value1(), _ -> new TreeMap<>())
                .put(row.value2(), Outcome.valueOf(row.value3())));
    return database
        .selectFrom(EVIDENCE)
        .where(there)
        .orderBy(EVIDENCE.HAPPENED_ON, EVIDENCE.ID)
        .fetch(row -> row(row, spots.getOrDefault(row.getId(), Map.of())));
  }

  /** The group of an entry that is in the record. */
  Optional<Long> groupOf(long id) {
    return database
        .select(EVIDENCE.GROUP_ID)
        .from(EVIDENCE)
        .where(EVIDENCE.ID.eq(id).and(EVIDENCE.WITHDRAWN_AT.isNull()))
        .fetchOptional(EVIDENCE.GROUP_ID);
  }

  /** Numbers of the dances that somebody has led in any group. */
  Set<Long> ledBy(PersonId person) {
    return database
        .selectDistinct(EVIDENCE.DANCE_ID)
        .from(EVIDENCE)
        .where(
            EVIDENCE
                .WITHDRAWN_AT
                .isNull()
                .and(
                    EVIDENCE
                        .LED_BY
                        .eq(person)
                        .or(EVIDENCE.LED_BY.isNull().and(EVIDENCE.BY_PERSON.eq(person)))))
        .fetchSet(EVIDENCE.DANCE_ID);
  }

  /** When each leader last led a group. */
  Map<PersonId, LocalDate> lastLed(long group) {
    Field<PersonId> leader = DSL.coalesce(EVIDENCE.LED_BY, EVIDENCE.BY_PERSON);
    return database
        .select(leader, DSL.max(EVIDENCE.HAPPENED_ON))
        .from(EVIDENCE)
        .where(EVIDENCE.GROUP_ID.eq(group).and(EVIDENCE.WITHDRAWN_AT.isNull()))
        .groupBy(leader)
        .fetchMap(row -> row.value1(), row -> row.value2());
  }

  long add(EntryRow.Fresh draft, PersonId by, LocalDateTime at) {
    Details details = draft.details();
    long id =
        database
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
            .set(EVIDENCE.BY_PERSON, by)
            .set(EVIDENCE.WRITTEN_AT, at)
            .set(EVIDENCE.PERCENT, details.percent().orElse(null))
            .set(EVIDENCE.MINUTES, details.minutes().orElse(null))
            .set(EVIDENCE.OPTIONS, details.options())
            .set(EVIDENCE.LED_BY, details.ledBy().orElse(null))
            .set(EVIDENCE.BY_ITSELF, details.byItself())
            .returningResult(EVIDENCE.ID)
            .fetchSingle()
            .value1();
    RowsStore.insert(
        database,
        details.spots().entrySet().stream()
            .map(it -> new EvidenceSpotRecord(id, it.getKey(), it.getValue().name()))
            .toList());
    return id;
  }

  /** Whether a group has an entry that was sent with that word. */
  boolean isWritten(long group, String key) {
    return database.fetchExists(
        EVIDENCE, EVIDENCE.GROUP_ID.eq(group).and(EVIDENCE.ENTRY_KEY.eq(key)));
  }

  /** Keeps the word with which an entry was sent. */
  void name(long id, String key) {
    database.update(EVIDENCE).set(EVIDENCE.ENTRY_KEY, key).where(EVIDENCE.ID.eq(id)).execute();
  }

  void withdrawOf(long classId, PersonId by, LocalDateTime at) {
    withdraw(EVIDENCE.CLASS_ID.eq(classId), by, at);
  }

  /** Takes back what noted itself in a class: all of it, or of one dance what was done so. */
  void withdrawNoted(
      long classId,
      Optional<Long> dance,
      Optional<Happened> happened,
      PersonId by,
      LocalDateTime at) {
    Condition which = EVIDENCE.CLASS_ID.eq(classId).and(EVIDENCE.BY_ITSELF.isTrue());
    Condition ofDance = dance.<Condition>map(EVIDENCE.DANCE_ID::eq).orElse(DSL.noCondition());
    Condition ofKind =
        happened.<Condition>map(it -> EVIDENCE.HAPPENED.eq(it.name())).orElse(DSL.noCondition());
    withdraw(which.and(ofDance).and(ofKind), by, at);
  }

  /** Whether the entry was there, and so was taken back. */
  boolean withdraw(long group, long id, PersonId by, LocalDateTime at) {
    return withdraw(EVIDENCE.ID.eq(id).and(EVIDENCE.GROUP_ID.eq(group)), by, at) == 1;
  }

  private int withdraw(Condition which, PersonId by, LocalDateTime at) {
    return database
        .update(EVIDENCE)
        .set(EVIDENCE.WITHDRAWN_BY, by)
        .set(EVIDENCE.WITHDRAWN_AT, at)
        .where(which.and(EVIDENCE.WITHDRAWN_AT.isNull()))
        .execute();
  }

  private static EntryRow row(EvidenceRecord row, Map<Integer, Outcome> spots) {
    return new EntryRow(
        row.getId(),
        row.getGroupId(),
        new DanceVersion(row.getDanceId(), row.getDanceVersion()),
        Optional.ofNullable(row.getClassId()),
        row.getHappenedOn(),
        Happened.valueOf(row.getHappened()),
        Optional.ofNullable(row.getSections()).map(SectionSet::parse),
        Outcome.valueOf(row.getOutcome()),
        row.getByPerson(),
        row.getNote(),
        new Details(
            spots,
            Optional.ofNullable(row.getPercent()),
            Optional.ofNullable(row.getMinutes()),
            row.getOptions(),
            Optional.ofNullable(row.getLedBy()),
            row.getByItself()));
  }

  @Override
  public void readAll() {
    rows(DSL.noCondition());
  }
}
