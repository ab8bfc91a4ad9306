package ulnaawl.server.sharing;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import ulnaawl.figure.Level;
import ulnaawl.plan.DanceForGroup;
import ulnaawl.plan.Poll;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.classes.Repertoire;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.Changes;
import ulnaawl.server.history.UntilChanged;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.Today;
import ulnaawl.server.requests.Requests;

/**
 * Polls: dancers tick what they would like to dance next, on a page that they have the link of. No
 * names; a device has one vote.
 */
@Component
class Polls {

  private static final int MOST_DEVICES = 300;
  private static final int REMEMBERED = 20;

  private final PollStore store;
  private final Shares shares;
  private final GroupService groups;
  private final Repertoire repertoire;
  private final Standings standings;
  private final Requests requests;
  private final Today today;
  private final UntilChanged<Key, PollChoices> known;

  Polls(
      PollStore store,
      Shares shares,
      GroupService groups,
      Repertoire repertoire,
      Standings standings,
      Requests requests,
      Changes changes,
      Today today) {
    this.store = store;
    this.shares = shares;
    this.groups = groups;
    this.repertoire = repertoire;
    this.standings = standings;
    this.requests = requests;
    this.known = new UntilChanged<>(changes, REMEMBERED);
    this.today = today;
  }

  /** A dance that can be ticked; {@code learned} where the group has learned it. */
  record PollDance(long dance, String title, Level level, boolean learned) {}

  /**
   * What can be ticked.
   *
   * @param most how many of them
   */
  record PollChoices(int most, List<PollDance> dances) {}

  private record Key(long group, LocalDate day) {}

  /** What can be ticked; worked out once, however many open the page. */
  PollChoices choices(long group) {
    return known.get(new Key(group, today.date()), _ -> read(group));
  }

  private PollChoices read(long group) {
    GroupRow row = groups.active(group);
    Poll poll = Poll.of(row.level(), repertoire.of(row, today.date(), Optional.empty()));
    return new PollChoices(
        Poll.MOST_TICKED,
        Stream.concat(
                poll.next().stream().map(it -> choice(it, false)),
                poll.again().stream().map(it -> choice(it, true)))
            .toList());
  }

  private static PollDance choice(DanceForGroup dance, boolean learned) {
    return new PollDance(dance.dance(), dance.title(), dance.level(), learned);
  }

  /** The vote of a device; a later one takes its place, and nothing ticked takes it back. */
  @Transactional
  void vote(ShareRow link, String device, Set<Long> dances) {
    if (link.target().kind() != ShareKind.POLL) {
      throw Problem.gone("This link shows something else.");
    }
    Set<Long> offered =
        choices(groupOf(link)).dances().stream().map(PollDance::dance).collect(Collectors.toSet());
    if (!offered.containsAll(dances)) {
      throw Problem.rejected("One of these is not in the poll any more; look again.");
    }
    String digest = Secrets.digest(device);
    if (!store.hasVoted(link.id(), digest) && store.devices(link.id()) >= MOST_DEVICES) {
      throw Problem.rejected("As many have voted as a poll can take.");
    }
    store.vote(link.id(), digest, dances);
  }

  private static long groupOf(ShareRow link) {
    return link.target().group().orElseThrow(() -> Problem.gone("This link shows nothing."));
  }

  /** How often each dance was ticked, the most often ticked first. */
  record Ticked(long dance, String title, int votes) {}

  /** A poll that is open. */
  record OpenPoll(ShareRow link, int devices, List<Ticked> ticked) {}

  /** The polls of a group that are open. */
  List<OpenPoll> of(long group) {
    Map<Long, String> titles =
        standings.of(group, today.date()).stream()
            .collect(Collectors.toMap(it -> it.row().id(), it -> it.row().title()));
    return shares.good().stream()
        .filter(it -> it.target().kind() == ShareKind.POLL && groupOf(it) == group)
        .map(link ->
            new OpenPoll(
                link,
                store.devices(link.id()),
                store.votes(link.id()).entrySet().stream()
                    .map(it ->
                        new Ticked(
                            it.getKey(),
                            titles.getOrDefault(it.getKey(), "a dance"),
                            it.getValue()))
                    .sorted(
                        Comparator.comparingInt((Ticked it) -> -it.votes())
                            .thenComparing(Ticked::title))
                    .toList()))
        .toList();
  }

  /** Closes a poll: what was ticked goes onto the list of requests, with how many asked for it. */
  @Transactional
  void count(long group, long link, SignedIn me) {
    OpenPoll poll =
        of(group).stream()
            .filter(it -> it.link().id() == link)
            .findFirst()
            .orElseThrow(() -> Problem.gone("This poll is not open any more."));
    poll.ticked()
        .forEach(it -> requests.askedByMany(group, it.dance(), "the poll", it.votes(), me));
    shares.close(poll.link(), me);
  }
}
