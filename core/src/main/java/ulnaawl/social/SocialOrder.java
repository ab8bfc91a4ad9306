package ulnaawl.social;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** An order of songs laid out in time, with what comes in between and with reasons. */
public final class SocialOrder {

  private final SocialRequest request;
  private final SongReasons reasons;
  private final Set<Long> waiting;
  private final List<SocialLine> lines = new ArrayList<>();
  private final Map<Long, Integer> waited = new HashMap<>();
  private final Map<Long, Integer> longest = new HashMap<>();
  private int at;

  private SocialOrder(SocialRequest request) {
    this.request = request;
    this.reasons = new SongReasons(request);
    this.waiting = request.waiting();
    this.at = Played.inGrains(request.soFar().seconds()) * Played.GRAIN_SECONDS;
    for (Guests one : request.guests()) {
      int before = request.soFar().waited().getOrDefault(one.group(), 0);
      waited.put(one.group(), before);
      longest.put(one.group(), before);
    }
  }

  /**
   * Lays out an order, whoever made it. It may last longer than the social.
   *
   * @param order what is played, in order
   * @param gap points by which a better order could differ at most
   */
  public static SocialPlan of(SocialRequest request, List<Played> order, int gap) {
    SocialOrder laid = new SocialOrder(request);
    Optional<Played> before = request.soFar().last();
    int began = request.soFar().begun();
    for (int i = 0; i < order.size(); i++) {
      laid.pauses(began);
      began = laid.at;
      laid.play(order.get(i), before, i == order.size() - 1);
      before = Optional.of(order.get(i));
    }
    int points = laid.lines.stream().mapToInt(SocialLine::points).sum() + laid.free();
    return new SocialPlan(laid.lines, points, gap, laid.longest);
  }

  private int free() {
    return SongReasons.free(Math.max(0, end() - at));
  }

  private int end() {
    return request.seconds() / Played.GRAIN_SECONDS * Played.GRAIN_SECONDS;
  }

  /** What came due since the last song began. */
  private void pauses(int began) {
    for (Pause pause : request.pauses()) {
      boolean due = pause.at() > began && pause.at() <= at;
      if (due && pause.kind() != Pause.Kind.WALK_IN) {
        lines.add(
            new SocialLine(
                at,
                pause.seconds(),
                Optional.empty(),
                Optional.of(pause.kind()),
                Set.of(),
                List.of()));
        at += pause.seconds();
      }
    }
  }

  private void play(Played played, Optional<Played> before, boolean isLast) {
    Set<Long> who = played.who(request.guests());
    List<SocialReason> why = new ArrayList<>(reasons.at(played, at));
    before.ifPresent(it -> why.addAll(SongReasons.after(it, played)));
    for (Guests one : request.guests()) {
      int sat = waited.getOrDefault(one.group(), 0);
      int now = who.contains(one.group()) ? 0 : sat + played.seconds();
      if (now > 0 && waiting.contains(one.group())) {
        why.addAll(reasons.waits(one.group(), sat, now));
      }
      waited.put(one.group(), now);
      longest.merge(one.group(), now, Math::max);
    }
    if (isLast) {
      why.addAll(reasons.last(played));
    }
    lines.add(
        new SocialLine(at, played.seconds(), Optional.of(played), Optional.empty(), who, why));
    at += played.seconds();
  }
}
