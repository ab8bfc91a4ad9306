package ulnaawl.plan;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;

/**
 * What could be taught next, the best first: what has been started, then dances that suit the group
 * (common practice, no source; the weights are in {@code weights.txt}).
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
public final class NextDance {

  /** Levels above the group at which a dance is not proposed any more. */
  public static final int TOO_FAR_ABOVE = 2;

  private static final int GOOD_NEWS = 2;
  private static final int LATELY = 3;

  private final Level group;
  private final Set<String> lately;

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
    Score score = new Score();
    if (dance.standing().stage() == Stage.STARTED) {
      score.add(PlanWeight.GO_ON.points(), started(dance));
    } else {
      level(score, dance);
      if (dance.wishes().term() instanceof TermPlace.Later later) {
        score.add(PlanWeight.TERM_LATER.points(), new PlanReason.TermBeginsIt(later.begins()));
      }
    }
    dance
        .missing()
        .forEach(it ->
            score.add(PlanWeight.MISSING.points(), new PlanReason.NotLedTo(it.figure(), it.on())));
    score.add(
        PlanWeight.ALIKE.points() * dance.knownShare() / 100,
        new PlanReason.Alike(dance.knownShare()));
    dance
        .style()
        .filter(it -> !lately.isEmpty() && !lately.contains(it))
        .ifPresent(it -> score.add(PlanWeight.OTHER_STYLE.points(), new PlanReason.OtherStyle(it)));
    wishes(score, dance);
    if (!dance.hasSong()) {
      score.add(PlanWeight.NO_SONG.points(), new PlanReason.NoSong());
    }
    return new Pick(dance, score.points(), score.inOrder());
  }

  private static PlanReason started(DanceForGroup dance) {
    return dance
        .standing()
        .coverage()
        .filter(_ -> dance.standing().shown().isWhole(dance.sections()))
        .<PlanReason>map(it -> new PlanReason.FewWereThere(it.there(), it.of()))
        .orElseGet(() -> new PlanReason.GoOn(dance.standing().shown(), dance.sections()));
  }

  private void level(Score score, DanceForGroup dance) {
    int above = dance.level().above(group);
    int level =
        above > 0
            ? above * (above + 1) / 2 * PlanWeight.LEVEL_ABOVE.points()
            : -above * PlanWeight.LEVEL_BELOW.points();
    int news = dance.newFigures().size();
    int figures =
        news == 0
            ? PlanWeight.NO_NEWS.points()
            : PlanWeight.GOOD_NEWS.points()
                + Math.max(0, news - GOOD_NEWS) * PlanWeight.TOO_MUCH_NEWS.points();
    score.add(
        PlanWeight.OWN_LEVEL.points() + level + figures,
        new PlanReason.NewDance(dance.level(), group, dance.newFigures()));
  }

  private static void wishes(Score score, DanceForGroup dance) {
    Wishes wishes = dance.wishes();
    score.wishes(wishes);
    if (wishes.otherGroups() > 0) {
      score.add(
          PlanWeight.OTHERS_KNOW,
          wishes.otherGroups(),
          new PlanReason.OthersKnow(wishes.otherGroups()));
    }
    if (!wishes.leaderKnows()) {
      score.add(PlanWeight.LEADER_UNSURE.points(), new PlanReason.LeaderUnsure());
    }
  }
}
