package ulnaawl.server.proposals;

import static ulnaawl.server.tables.Tables.PROPOSAL;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import ulnaawl.people.PersonId;
import ulnaawl.server.history.Thing;
import ulnaawl.server.proposals.ProposalRow.State;
import ulnaawl.server.tables.tables.records.ProposalRecord;

/** Proposals in the database; none is ever deleted. */
@Repository
@RequiredArgsConstructor
class ProposalStore {

  private final DSLContext database;

  /** Those that wait, the newest first. */
  List<ProposalRow> open() {
    return rows(PROPOSAL.STATE.eq(State.OPEN.name()), Integer.MAX_VALUE);
  }

  /** The newest that are decided. */
  List<ProposalRow> decided(int most) {
    return rows(PROPOSAL.STATE.ne(State.OPEN.name()), most);
  }

  Optional<ProposalRow> find(long id) {
    return rows(PROPOSAL.ID.eq(id), 1).stream().findFirst();
  }

  private List<ProposalRow> rows(Condition where, int most) {
    return database
        .selectFrom(PROPOSAL)
        .where(where)
        .orderBy(PROPOSAL.ID.desc())
        .limit(most)
        .fetch(ProposalStore::row);
  }

  long add(ProposalRow made) {
    return database
        .insertInto(PROPOSAL)
        .set(PROPOSAL.THING, made.thing().name())
        .set(PROPOSAL.THING_ID, made.thingId())
        .set(PROPOSAL.VERSION, made.version())
        .set(PROPOSAL.BASE, made.base())
        .set(PROPOSAL.CONTENT, made.content())
        .set(PROPOSAL.TITLE, made.title())
        .set(PROPOSAL.NOTE, made.note())
        .set(PROPOSAL.BY_PERSON, made.by())
        .set(PROPOSAL.MADE_AT, made.at())
        .set(PROPOSAL.STATE, State.OPEN.name())
        .set(PROPOSAL.ANSWER, "")
        .returningResult(PROPOSAL.ID)
        .fetchSingle()
        .value1();
  }

  /** Whether it still waited. */
  boolean decide(long id, State state, String answer, PersonId by, LocalDateTime at) {
    return database
            .update(PROPOSAL)
            .set(PROPOSAL.STATE, state.name())
            .set(PROPOSAL.ANSWER, answer)
            .set(PROPOSAL.DECIDED_BY, by)
            .set(PROPOSAL.DECIDED_AT, at)
            .where(PROPOSAL.ID.eq(id).and(PROPOSAL.STATE.eq(State.OPEN.name())))
            .execute()
        == 1;
  }

  private static ProposalRow row(ProposalRecord row) {
    return new ProposalRow(
        row.getId(),
        Thing.valueOf(row.getThing()),
        row.getThingId(),
        row.getVersion(),
        row.getBase(),
        row.getContent(),
        row.getTitle(),
        row.getNote(),
        row.getByPerson(),
        row.getMadeAt(),
        State.valueOf(row.getState()),
        row.getAnswer(),
        Optional.ofNullable(row.getDecidedBy()),
        Optional.ofNullable(row.getDecidedAt()));
  }
}
