package ulnaawl.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;

/**
 * What could be taught next, the best first: what has been started, then dances that suit the group
 * (common practice, no source; the weights are in {@code weights.txt}).
 */
public final class NextDance {

  /** Levels above the group at which a dance is not proposed any more. */
  private static final int TOO_FAR_ABOVE = 2;

  private static final int MOST = 3;
  private static final int GOOD_NEWS = 2;
  private static final int LATELY = 3;

  private final Level group;
  private final Set<String> lately;

  private NextDance(Level group, Set<String> lately) {
    this.group = group;
    this.lately = lately;
  }

  /**
   * A dance that could be taught.
   *
   * @param points what it is worth
   * @param reasons why, the weightiest first
   */
  public record Pick(DanceForGroup dance, int points, List<PlanReason> reasons) {
    public Pick {
      reasons = List.copyOf(reasons);
    }
  }

  /** All that could be taught, the best first. */
  public static List<Pick> ranked(Level group, List<DanceForGroup> dances) {
    NextDance next = new NextDance(group, stylesLately(dances));
    return dances.stream()
        .filter(next::isTeachable)
        .map(next::pick)
        .sorted(
            Comparator.comparingInt(Pick::points)
                .reversed()
                .thenComparing(it -> it.dance().title()))
        .toList();
  }

  /** Styles of the dances that the group has learned and touched last. */
  private static Set<String> stylesLately(List<DanceForGroup> dances) {
    return dances.stream()
        .filter(it -> it.standing().last().isPresent() && it.style().isPresent())
        .sorted(
            Comparator.comparing((DanceForGroup it) -> it.standing().last().orElseThrow())
                .reversed()
                .thenComparing(DanceForGroup::title))
        .limit(LATELY)
        .map(it -> it.style().orElseThrow())
        .collect(Collectors.toCollection(HashSet::new));
  }

  private boolean isTeachable(DanceForGroup dance) {
    return dance.standing().stage() == Stage.STARTED
        || (dance.standing().stage() == Stage.NOT_STARTED
            && dance.level().above(group) < TOO_FAR_ABOVE);
  }

  private Pick pick(DanceForGroup dance) {
    Sum sum = new Sum();
    if (dance.standing().stage() == Stage.STARTED) {
      sum.add(Weights.of("go-on"), started(dance));
    } else {
      level(sum, dance);
    }
    dance
        .missing()
        .forEach(
            it -> sum.add(Weights.of("missing"), new PlanReason.NotLedTo(it.figure(), it.on())));
    sum.add(
        Weights.of("alike") * dance.knownShare() / 100, new PlanReason.Alike(dance.knownShare()));
    dance
        .style()
        .filter(it -> !lately.isEmpty() && !lately.contains(it))
        .ifPresent(it -> sum.add(Weights.of("other-style"), new PlanReason.OtherStyle(it)));
    wishes(sum, dance);
    if (!dance.hasSong()) {
      sum.add(Weights.of("no-song"), new PlanReason.NoSong());
    }
    return new Pick(dance, sum.points, sum.inOrder());
  }

  private static PlanReason started(DanceForGroup dance) {
    return dance
        .standing()
        .coverage()
        .filter(_ -> dance.standing().shown().isWhole(dance.sections()))
        .<PlanReason>map(it -> new PlanReason.FewWereThere(it.there(), it.of()))
        .orElseGet(() -> new PlanReason.GoOn(dance.standing().shown(), dance.sections()));
  }

  private void level(Sum sum, DanceForGroup dance) {
    int above = dance.level().above(group);
    int level =
        above > 0
            ? above * (above + 1) / 2 * Weights.of("level-above")
            : -above * Weights.of("level-below");
    int news = dance.newFigures().size();
    int figures =
        news == 0
            ? Weights.of("no-news")
            : Weights.of("good-news") + Math.max(0, news - GOOD_NEWS) * Weights.of("too-much-news");
    sum.add(
        Weights.of("own-level") + level + figures,
        new PlanReason.NewDance(dance.level(), group, dance.newFigures()));
  }

  private static void wishes(Sum sum, DanceForGroup dance) {
    Wishes wishes = dance.wishes();
    asked(wishes, sum);
    wishes.theme().ifPresent(it -> sum.add(Weights.of("theme"), new PlanReason.OfTheme(it)));
    if (wishes.otherGroups() > 0) {
      sum.add(
          Math.min(MOST, wishes.otherGroups()) * Weights.of("others-know"),
          new PlanReason.OthersKnow(wishes.otherGroups()));
    }
    if (!wishes.leaderKnows()) {
      sum.add(Weights.of("leader-unsure"), new PlanReason.LeaderUnsure());
    }
  }

  private static void asked(Wishes wishes, Sum sum) {
    if (!wishes.requests().isEmpty()) {
      sum.add(
          Math.min(MOST, wishes.requests().size()) * Weights.of("asked"),
          new PlanReason.AskedFor(
              wishes.requests().stream().map(Wishes.Request::who).toList(),
              wishes.requests().getFirst().on()));
    }
  }

  /** Points with what they are for. */
  static final class Sum {
    private record Part(int points, PlanReason reason) {}

    private final List<Part> parts = new ArrayList<>();
    private int points;

    void add(int more, PlanReason reason) {
      parts.add(new Part(more, reason));
      points += more;
    }

    int points() {
      return points;
    }

    /** The reasons, the weightiest first. */
    List<PlanReason> inOrder() {
      return parts.stream()
          .sorted(Comparator.comparingInt((Part it) -> Math.abs(it.points())).reversed())
          .map(Part::reason)
          .toList();
    }
  }
}
