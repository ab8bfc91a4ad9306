package ulnaawl.social.solve;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import ulnaawl.bound.OncePrices;

/**
 * Finds the order with the most points. {@link EveningPrices} give a bound on every order; they are
 * moved until it is low (subgradient steps). Then orders grow side by side in the order of time,
 * each by every piece that may follow; one is left where the bound says that it cannot beat the
 * best, or where another one with the same dances is at no place worse. Where too many stand at one
 * time, only the most promising go on, and the gap says what the others could still have been
 * worth; the best is made better by small changes ({@link Polish}).
 */
public final class SocialSolver {

  private static final int STEPS = 150;
  private static final int PATIENCE = 6;
  private static final int NARROW = 4;
  private static final int WIDE = 30;

  private final Evening evening;
  private final EveningPrices prices;
  private final BitSet reserved = new BitSet();
  private final boolean hasAgain;
  private List<Integer> found = List.of();
  private int best = Integer.MIN_VALUE;
  private double dropped;

  private SocialSolver(Evening evening) {
    this.evening = evening;
    this.prices = new EveningPrices(evening);
    this.hasAgain = evening.pieces().stream().anyMatch(it -> it.again() != Playable.FIRST);
    evening
        .locks()
        .values()
        .forEach(it -> evening.pieces().get(it).dances().forEach(reserved::set));
  }

  /**
   * The best order.
   *
   * @return empty where nothing fits
   */
  public static Optional<Order> solve(Evening evening) {
    return new SocialSolver(evening).solve();
  }

  /**
   * An order as far as it goes.
   *
   * @param promise what it can come to at most
   * @param open prices of all dances that are not in it
   */
  private record Way(
      @Nullable Way before,
      int piece,
      int at,
      int had,
      int family,
      int place,
      int points,
      double promise,
      double open,
      BitSet danced,
      List<Integer> waited) {

    List<Integer> pieces() {
      List<Integer> pieces = new ArrayList<>();
      for (Way way = this; way != null && way.piece >= 0; way = way.before) {
        pieces.addFirst(way.piece);
      }
      return pieces;
    }

    /** Whether a dance was in it, and ended so long ago. */
    boolean hasDanced(int dance, int until, List<Playable> all) {
      if (!danced.get(dance)) {
        return false;
      }
      for (Way way = this; way.before != null; way = way.before) {
        Playable one = all.get(way.piece);
        if (one.dances().contains(dance)) {
          return way.before.at + one.grains() <= until;
        }
      }
      return false;
    }

    /** The pieces that began after a grain, and when. */
    Map<Integer, Integer> since(int from) {
      Map<Integer, Integer> lately = new HashMap<>();
      for (Way way = this; way.before != null && way.before.at >= from; way = way.before) {
        lately.put(way.piece, way.before.at);
      }
      return lately;
    }

    /** Whether nothing that can come after the other one is worth more than after this one. */
    boolean isNoWorse(Way other) {
      if (points < other.points) {
        return false;
      }
      for (int group = 0; group < waited.size(); group++) {
        if (waited.get(group) > other.waited.get(group)) {
          return false;
        }
      }
      return true;
    }
  }

  /** Orders with this the same have the same before them; what was danced of late counts, too. */
  private record Same(
      BitSet danced, int family, int had, int place, Map<Integer, Integer> lately) {}

  private Optional<Order> solve() {
    if (evening.from() >= evening.to() || prices.bound() == OncePrices.NEVER) {
      return Optional.empty();
    }
    grow(NARROW);
    polish();
    prices.lower(STEPS, PATIENCE, () -> best, () -> {});
    grow(WIDE);
    polish();
    if (found.isEmpty()) {
      return Optional.empty();
    }
    int gap = (int) Math.max(0, Math.floor(dropped + OncePrices.NEARLY) - best);
    return Optional.of(new Order(found, best, gap));
  }

  private void polish() {
    if (!found.isEmpty()) {
      Order better = Polish.of(evening, prices, found);
      found = better.pieces();
      best = better.points();
    }
  }

  /** Lets orders grow, so many side by side at each time. */
  private void grow(int wide) {
    dropped = OncePrices.NEVER;
    List<Map<Same, List<Way>>> byTime = new ArrayList<>();
    for (int at = 0; at <= evening.to(); at++) {
      byTime.add(new LinkedHashMap<>());
    }
    double promise = prices.toCome(evening.from(), 0, evening.before()) + prices.sum();
    Way begin =
        new Way(
            null,
            -1,
            evening.from(),
            0,
            evening.before(),
            0,
            0,
            promise,
            prices.sum(),
            new BitSet(),
            evening.waited());
    keep(byTime, begin);
    for (int at = evening.from(); at < evening.to(); at++) {
      List<Way> ways =
          new ArrayList<>(byTime.get(at).values().stream().flatMap(List::stream).toList());
      byTime.get(at).clear();
      ways.sort(Comparator.comparingDouble(Way::promise).reversed());
      for (Way dropping : ways.subList(Math.min(wide, ways.size()), ways.size())) {
        dropped = Math.max(dropped, dropping.promise());
      }
      for (Way way : ways.subList(0, Math.min(wide, ways.size()))) {
        if (way.promise() >= best + 1 - OncePrices.NEARLY) {
          next(byTime, way);
        }
      }
    }
  }

  private void next(List<Map<Same, List<Way>>> byTime, Way way) {
    Integer locked = evening.locks().get(way.place());
    if (locked != null) {
      follow(byTime, way, locked);
      return;
    }
    for (int piece = 0; piece < evening.pieces().size(); piece++) {
      Playable one = evening.pieces().get(piece);
      boolean free =
          one.dances().stream().noneMatch(it -> way.danced().get(it) || reserved.get(it));
      boolean ripe =
          one.again() == Playable.FIRST
              || way.hasDanced(one.again(), way.at() - evening.gap(), evening.pieces());
      if (free && ripe && one.walkIn() == evening.isWalkInDue(way.at(), way.had())) {
        follow(byTime, way, piece);
      }
    }
  }

  private void follow(List<Map<Same, List<Way>>> byTime, Way way, int piece) {
    Playable one = evening.pieces().get(piece);
    int ends = way.at() + one.grains();
    if (ends > evening.to() || way.at() < one.earliest()) {
      return;
    }
    int[] waited = way.waited().stream().mapToInt(Integer::intValue).toArray();
    int points =
        way.points()
            + prices.points(piece, way.at(), way.family())
            + Waits.add(evening, one, waited);
    int had = way.had() + (one.walkIn() ? 1 : 0);
    int last = points + one.last() + evening.free().applyAsInt(evening.to() - ends);
    int next = evening.next(way.at(), ends);
    double open = way.open() - prices.priceOf(piece);
    double promise = points + prices.toCome(next, had, one.family()) + open;
    boolean goesOn = next < evening.to() && promise >= best + 1 - OncePrices.NEARLY;
    if (!goesOn && last <= best) {
      return;
    }
    BitSet danced = (BitSet) way.danced().clone();
    one.dances().forEach(danced::set);
    Way on =
        new Way(
            way,
            piece,
            next,
            had,
            one.family(),
            way.place() + 1,
            points,
            promise,
            open,
            danced,
            Arrays.stream(waited).boxed().toList());
    if (last > best) {
      best = last;
      found = on.pieces();
    }
    if (goesOn) {
      keep(byTime, on);
    }
  }

  private void keep(List<Map<Same, List<Way>>> byTime, Way way) {
    List<Way> same =
        byTime
            .get(way.at())
            .computeIfAbsent(
                new Same(
                    way.danced(),
                    way.family(),
                    way.had(),
                    way.place(),
                    hasAgain ? way.since(way.at() - 2 * evening.gap()) : Map.of()),
                _ -> new ArrayList<>(1));
    if (same.stream().noneMatch(it -> it.isNoWorse(way))) {
      same.removeIf(way::isNoWorse);
      same.add(way);
    }
  }
}
