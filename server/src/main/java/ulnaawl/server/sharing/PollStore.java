package ulnaawl.server.sharing;

import static ulnaawl.server.tables.Tables.POLL_VOTE;

import java.util.Map;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import ulnaawl.server.platform.RowsStore;
import ulnaawl.server.tables.tables.records.PollVoteRecord;

/** Votes in the database. */
@Repository
@RequiredArgsConstructor
class PollStore {

  private final DSLContext database;

  boolean hasVoted(long link, String device) {
    return database.fetchExists(
        POLL_VOTE, POLL_VOTE.LINK_ID.eq(link).and(POLL_VOTE.DEVICE.eq(device)));
  }

  int devices(long link) {
    return database
        .select(DSL.countDistinct(POLL_VOTE.DEVICE))
        .from(POLL_VOTE)
        .where(POLL_VOTE.LINK_ID.eq(link))
        .fetchSingle()
        .value1();
  }

  /** How often each dance was ticked. */
  Map<Long, Integer> votes(long link) {
    return database
        .select(POLL_VOTE.DANCE_ID, DSL.count())
        .from(POLL_VOTE)
        .where(POLL_VOTE.LINK_ID.eq(link))
        .groupBy(POLL_VOTE.DANCE_ID)
        .fetchMap(POLL_VOTE.DANCE_ID, DSL.count());
  }

  void vote(long link, String device, Set<Long> dances) {
    database
        .deleteFrom(POLL_VOTE)
        .where(POLL_VOTE.LINK_ID.eq(link).and(POLL_VOTE.DEVICE.eq(device)))
        .execute();
    RowsStore.insert(
        database, dances.stream().map(it -> new PollVoteRecord(link, device, it)).toList());
  }
}
