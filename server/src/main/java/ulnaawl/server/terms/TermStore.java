package ulnaawl.server.terms;

import static ulnaawl.server.tables.Tables.TERM;
import static ulnaawl.server.tables.Tables.TERM_GROUP;
import static ulnaawl.server.tables.Tables.TERM_LED;
import static ulnaawl.server.tables.Tables.TERM_PLANNED;
import static ulnaawl.server.tables.Tables.TERM_START;

import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.platform.ReadsAll;
import ulnaawl.server.platform.RowsStore;
import ulnaawl.server.platform.VersionedStore;
import ulnaawl.server.tables.tables.records.TermGroupRecord;
import ulnaawl.server.tables.tables.records.TermLedRecord;
import ulnaawl.server.tables.tables.records.TermRecord;
import ulnaawl.server.tables.tables.records.TermStartRecord;
import ulnaawl.server.terms.TermRow.InTerm;
import ulnaawl.term.Promise;
import ulnaawl.term.TermPlan;

/** Terms in the database. */
@Repository
@RequiredArgsConstructor
class TermStore implements ReadsAll {

  private static final VersionedStore<TermRecord> ROWS =
      new VersionedStore<>(TERM.ID, TERM.VERSION, TERM.ACTIVE);

  private final DSLContext database;

  /** All terms, the latest first. */
  List<TermRow> all() {
    return database
        .selectFrom(TERM)
        .where(TERM.ACTIVE.isTrue())
        .orderBy(TERM.FROM_DAY.desc(), TERM.ID.desc())
        .fetch(this::row);
  }

  Optional<TermRow> find(long id) {
    return database
        .selectFrom(TERM)
        .where(TERM.ID.eq(id).and(TERM.ACTIVE.isTrue()))
        .fetchOptional(this::row);
  }

  private TermRow row(TermRecord row) {
    List<InTerm> groups =
        database
            .selectFrom(TERM_GROUP)
            .where(TERM_GROUP.TERM_ID.eq(row.getId()))
            .orderBy(TERM_GROUP.GROUP_ID)
            .fetch(it -> new InTerm(it.getGroupId(), it.getMostNew(), it.getSocial()));
    List<TermPlan.Start> starts =
        database
            .selectFrom(TERM_START)
            .where(TERM_START.TERM_ID.eq(row.getId()))
            .orderBy(TERM_START.GROUP_ID, TERM_START.STARTS_ON, TERM_START.DANCE_ID)
            .fetch(it ->
                new TermPlan.Start(
                    it.getGroupId(), it.getDanceId(), it.getStartsOn(), it.getStays()));
    List<TermPlan.Led> led =
        database
            .selectFrom(TERM_LED)
            .where(TERM_LED.TERM_ID.eq(row.getId()))
            .orderBy(TERM_LED.GROUP_ID, TERM_LED.HELD_ON)
            .fetch(it ->
                new TermPlan.Led(it.getGroupId(), it.getHeldOn(), it.getPersonId(), it.getStays()));
    return new TermRow(
        row.getId(),
        row.getName(),
        row.getFromDay(),
        row.getToDay(),
        Optional.ofNullable(row.getSocialOn()),
        row.getVersion(),
        groups,
        new TermPlan(starts, led));
  }

  long add(TermRow row) {
    long id = ROWS.add(database, values(row));
    rewriteGroups(id, row.groups());
    return id;
  }

  /** Whether the term still had its version, and so was changed: its frame and what is settled. */
  boolean change(TermRow row) {
    boolean changed = ROWS.changeInSight(database, row.id(), row.version(), values(row));
    if (changed) {
      rewriteGroups(row.id(), row.groups());
      rewritePlan(row.id(), row.plan());
    }
    return changed;
  }

  private static TermRecord values(TermRow row) {
    TermRecord values = new TermRecord();
    values.setName(row.name());
    values.setFromDay(row.from());
    values.setToDay(row.to());
    values.set(TERM.SOCIAL_ON, row.social().orElse(null));
    return values;
  }

  /** Nothing is settled any more of what somebody was to lead. */
  void forget(PersonId person) {
    database.deleteFrom(TERM_LED).where(TERM_LED.PERSON_ID.eq(person.number())).execute();
  }

  private void rewriteGroups(long id, List<InTerm> groups) {
    RowsStore.rewrite(
        database,
        TERM_GROUP.TERM_ID,
        id,
        groups.stream()
            .map(it -> new TermGroupRecord(id, it.group(), it.mostNew(), it.social()))
            .toList());
  }

  private void rewritePlan(long id, TermPlan plan) {
    RowsStore.rewrite(
        database,
        TERM_START.TERM_ID,
        id,
        plan.starts().stream()
            .map(it -> new TermStartRecord(id, it.group(), it.dance(), it.on(), it.stays()))
            .toList());
    RowsStore.rewrite(
        database,
        TERM_LED.TERM_ID,
        id,
        plan.led().stream()
            .map(it -> new TermLedRecord(id, it.group(), it.on(), it.leader(), it.stays()))
            .toList());
    for (TermPlan.Start one : plan.starts()) {
      database
          .insertInto(TERM_PLANNED)
          .set(TERM_PLANNED.TERM_ID, id)
          .set(TERM_PLANNED.GROUP_ID, one.group())
          .set(TERM_PLANNED.DANCE_ID, one.dance())
          .set(TERM_PLANNED.STARTS_ON, one.on())
          .onDuplicateKeyIgnore()
          .execute();
    }
  }

  /** When dances were to be known, as it was settled. */
  List<Promise> promises(long term) {
    return database
        .selectFrom(TERM_PLANNED)
        .where(TERM_PLANNED.TERM_ID.eq(term).and(TERM_PLANNED.KNOWN_ON.isNotNull()))
        .orderBy(TERM_PLANNED.KNOWN_ON, TERM_PLANNED.GROUP_ID, TERM_PLANNED.DANCE_ID)
        .fetch(it -> new Promise(it.getGroupId(), it.getDanceId(), it.getKnownOn()));
  }

  /** Writes what is promised from now on, and nothing else is. */
  void promise(long term, List<Promise> promises) {
    database
        .update(TERM_PLANNED)
        .setNull(TERM_PLANNED.KNOWN_ON)
        .where(TERM_PLANNED.TERM_ID.eq(term))
        .execute();
    for (Promise one : promises) {
      database
          .update(TERM_PLANNED)
          .set(TERM_PLANNED.KNOWN_ON, one.known())
          .where(
              TERM_PLANNED
                  .TERM_ID
                  .eq(term)
                  .and(TERM_PLANNED.GROUP_ID.eq(one.group()))
                  .and(TERM_PLANNED.DANCE_ID.eq(one.dance())))
          .execute();
    }
  }

  /** The dances that a term has had planned for a group at any time. */
  List<Long> planned(long term, long group) {
    return database
        .select(TERM_PLANNED.DANCE_ID)
        .from(TERM_PLANNED)
        .where(TERM_PLANNED.TERM_ID.eq(term).and(TERM_PLANNED.GROUP_ID.eq(group)))
        .fetch(TERM_PLANNED.DANCE_ID);
  }

  boolean archive(long id, int version) {
    return ROWS.archive(database, id, version);
  }

  @Override
  public void readAll() {
    all();
  }
}
