package ulnaawl.social;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.IntStream;
import ulnaawl.social.solve.Evening;
import ulnaawl.social.solve.Evening.Stop;
import ulnaawl.social.solve.Order;
import ulnaawl.social.solve.Playable;
import ulnaawl.social.solve.SocialSolver;

/**
 * Finds the order of dances with the most points for a social: each dance once, to the quarter of a
 * minute, breaks and walk-ins at about their times, what is locked in its place.
 */
public final class SocialPlanner {

  private final SocialRequest request;
  private final SongReasons reasons;
  private final Set<Long> waiting;
  private final Map<Slot, Integer> numbers = new LinkedHashMap<>();
  private final List<Played> families = new ArrayList<>();

  private SocialPlanner(SocialRequest request) {
    this.request = request;
    this.reasons = new SongReasons(request);
    this.waiting = request.waiting();
    for (Played one : request.played()) {
      slots(one).forEach(it -> numbers.putIfAbsent(it, numbers.size()));
    }
  }

  /** A dance, the first or the second time. */
  private record Slot(long dance, boolean again) {}

  private static List<Slot> slots(Played played) {
    boolean again = played.how() == Played.How.AGAIN;
    return played.numbers().stream().map(it -> new Slot(it, again)).toList();
  }

  /**
   * Plans a social, or the rest of it. The same request gives the same order; where nothing fits it
   * is empty.
   *
   * @throws IllegalArgumentException where something is locked that cannot be played
   */
  public static SocialPlan plan(SocialRequest request) {
    return new SocialPlanner(request).plan();
  }

  private SocialPlan plan() {
    return SocialSolver.solve(evening())
        .map(it -> SocialOrder.of(request, played(it), it.gap()))
        .orElseGet(() -> SocialOrder.of(request, List.of(), 0));
  }

  private List<Played> played(Order order) {
    return order.pieces().stream().map(request.played()::get).toList();
  }

  private Evening evening() {
    int from = Played.inGrains(request.soFar().seconds());
    int to = request.seconds() / Played.GRAIN_SECONDS;
    int before = request.soFar().last().map(this::family).orElse(0);
    List<Playable> pieces = request.played().stream().map(it -> piece(it, to)).toList();
    boolean walkIns = pieces.stream().anyMatch(Playable::walkIn);
    return new Evening(
        request.soFar().begun() < 0 ? -1 : request.soFar().begun() / Played.GRAIN_SECONDS,
        from,
        to,
        pieces,
        numbers.size(),
        Played.AGAIN_AFTER_SECONDS / Played.GRAIN_SECONDS,
        request.pauses().stream()
            .filter(it -> it.kind() != Pause.Kind.WALK_IN)
            .map(it -> new Stop(Played.inGrains(it.at()), Played.inGrains(it.seconds())))
            .toList(),
        request.pauses().stream()
            .filter(it -> walkIns && it.kind() == Pause.Kind.WALK_IN)
            .filter(it -> it.at() > request.soFar().begun())
            .map(it -> Played.inGrains(it.at()))
            .toList(),
        after(),
        before,
        locks(),
        request.guests().stream()
            .map(it -> request.soFar().waited().getOrDefault(it.group(), 0) / Played.GRAIN_SECONDS)
            .toList(),
        grains -> reasons.waited(grains * Played.GRAIN_SECONDS),
        grains -> SongReasons.free(grains * Played.GRAIN_SECONDS));
  }

  private Playable piece(Played played, int grains) {
    Set<Long> who = played.who(request.guests());
    return new Playable(
        slots(played).stream().map(it -> Objects.requireNonNull(numbers.get(it))).toList(),
        first(played),
        earliest(played),
        played.seconds() / Played.GRAIN_SECONDS,
        family(played),
        played.how() == Played.How.WALK_IN,
        IntStream.range(0, grains)
            .map(at -> points(reasons.at(played, at * Played.GRAIN_SECONDS)))
            .boxed()
            .toList(),
        points(reasons.last(played)),
        request.guests().stream()
            .map(it -> who.contains(it.group()) || !waiting.contains(it.group()))
            .toList());
  }

  /** The dance that comes before it on this evening, where it is danced again. */
  private int first(Played played) {
    long dance = played.numbers().getFirst();
    if (played.how() != Played.How.AGAIN || request.soFar().danced().containsKey(dance)) {
      return Playable.FIRST;
    }
    return numbers.getOrDefault(new Slot(dance, false), numbers.size());
  }

  private int earliest(Played played) {
    Integer ended = request.soFar().danced().get(played.numbers().getFirst());
    return played.how() == Played.How.AGAIN && ended != null
        ? Played.inGrains(ended + Played.AGAIN_AFTER_SECONDS)
        : 0;
  }

  private static int points(List<SocialReason> reasons) {
    return reasons.stream().mapToInt(SocialReason::points).sum();
  }

  /** What is alike in what may follow it: kind and speed. From 1. */
  private int family(Played played) {
    for (int i = 0; i < families.size(); i++) {
      if (families.get(i).kind().equals(played.kind())
          && families.get(i).speed() == played.speed()) {
        return i + 1;
      }
    }
    families.add(played);
    return families.size();
  }

  private List<List<Integer>> after() {
    int all = families.size() + 1;
    return IntStream.range(0, all)
        .mapToObj(before ->
            IntStream.range(0, all)
                .map(next ->
                    before == 0 || next == 0
                        ? 0
                        : points(
                            SongReasons.after(families.get(before - 1), families.get(next - 1))))
                .boxed()
                .toList())
        .toList();
  }

  private Map<Integer, Integer> locks() {
    Map<Integer, Integer> locks = new HashMap<>();
    for (Locked lock : request.locks()) {
      int piece =
          IntStream.range(0, request.played().size())
              .filter(it -> lock.is(request.played().get(it)))
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException("What is to stay cannot be played."));
      locks.put(lock.place(), piece);
    }
    return locks;
  }
}
