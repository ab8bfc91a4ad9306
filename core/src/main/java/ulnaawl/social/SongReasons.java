package ulnaawl.social;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.plan.solve.ClassBlock.Speed;

/** What speaks for a song in its place and what against it, by the table of weights. */
final class SongReasons {

  private static final int EARLY_PART = 3;
  private static final int ASKED_AT_MOST = 5;
  private static final int EFFORT_STEP = 5;
  private static final int MINUTE = 60;
  private static final int ALL = 100;

  private final SocialRequest request;
  private final int heads;

  SongReasons(SocialRequest request) {
    this.request = request;
    this.heads = request.heads();
  }

  private static SocialReason of(SocialWeight weight, int amount, int times, List<Long> groups) {
    return new SocialReason(weight, amount, groups, weight.points() * times);
  }

  /** What holds wherever else something is played; {@code at} in seconds from the beginning. */
  List<SocialReason> at(Played played, int at) {
    List<SocialReason> reasons = new ArrayList<>();
    Set<Long> who = played.who(request.guests());
    int dancing =
        request.guests().stream()
            .filter(it -> who.contains(it.group()))
            .mapToInt(Guests::heads)
            .sum();
    int percent = ALL * dancing / heads;
    reasons.add(
        new SocialReason(
            SocialWeight.FLOOR,
            percent,
            List.copyOf(who),
            SocialWeight.FLOOR.points() * percent / ALL));
    int asked = Math.min(ASKED_AT_MOST, played.asked());
    if (asked > 0) {
      reasons.add(of(SocialWeight.ASKED, played.asked(), asked, List.of()));
    }
    if (at < request.seconds() / EARLY_PART && played.isEasy()) {
      reasons.add(of(SocialWeight.EASY_EARLY, 1, 1, List.of()));
    }
    if (played.how() == Played.How.AGAIN) {
      reasons.add(of(SocialWeight.AGAIN, 1, 1, List.of()));
    }
    int more = played.effort() - EffortCurve.at(at, request.seconds());
    if (Math.abs(more) >= EFFORT_STEP) {
      reasons.add(of(SocialWeight.EFFORT, more, Math.abs(more) / EFFORT_STEP, List.of()));
    }
    return reasons;
  }

  /** What speaks against it straight after another one. */
  static List<SocialReason> after(Played before, Played played) {
    List<SocialReason> reasons = new ArrayList<>();
    Optional<String> kind = played.kind();
    if (kind.isPresent() && kind.equals(before.kind())) {
      reasons.add(of(SocialWeight.ALIKE, 1, 1, List.of()));
    }
    if (before.speed() == Speed.VERY_FAST && played.speed() == Speed.VERY_FAST) {
      reasons.add(of(SocialWeight.VERY_FAST, 1, 1, List.of()));
    }
    return reasons;
  }

  /** What it is as the last one. */
  List<SocialReason> last(Played played) {
    Set<Long> who = played.who(request.guests());
    List<Long> without =
        request.guests().stream().map(Guests::group).filter(it -> !who.contains(it)).toList();
    return List.of(
        without.isEmpty()
            ? of(SocialWeight.LAST_ALL, 1, 1, List.of())
            : of(SocialWeight.LAST_WITHOUT, without.size(), without.size(), without));
  }

  /** What it costs that somebody has waited for so many seconds in all. */
  int waited(int seconds) {
    int over = Math.max(0, seconds - request.longestWait());
    return SocialWeight.WAIT.points() * over / MINUTE;
  }

  /** That a group waits on: from so many seconds to so many. */
  List<SocialReason> waits(long group, int before, int after) {
    int points = waited(after) - waited(before);
    if (points == 0) {
      return List.of();
    }
    return List.of(
        new SocialReason(SocialWeight.WAIT, Math.ceilDiv(after, MINUTE), List.of(group), points));
  }

  /** What it costs that nothing is played at the end. */
  static int free(int seconds) {
    return SocialWeight.FREE.points() * seconds / MINUTE;
  }
}
