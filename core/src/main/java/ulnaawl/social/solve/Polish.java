package ulnaawl.social.solve;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Makes an order better by small changes, as long as there is one that does: two pieces change
 * places, one moves, another one comes in its place or in between, or one goes.
 */
final class Polish {

  static final int NEVER = Integer.MIN_VALUE;
  private static final int NOT_YET = Integer.MAX_VALUE / 2;
  private static final int MOST_CHANGES = 400;

  private final Evening evening;
  private final EveningPrices prices;
  private List<Integer> order;
  private int points;

  private Polish(Evening evening, EveningPrices prices, List<Integer> order) {
    this.evening = evening;
    this.prices = prices;
    this.order = order;
    this.points = points(order);
  }

  /** The best that small changes come to. */
  static Order of(Evening evening, EveningPrices prices, List<Integer> order) {
    Polish polish = new Polish(evening, prices, order);
    for (int changes = 0; changes < MOST_CHANGES && polish.improve(); changes++) {
      // each change is taken as soon as it is found
    }
    return new Order(polish.order, polish.points, 0);
  }

  private boolean improve() {
    for (int i = 0; i < order.size(); i++) {
      for (int j = i + 1; j < order.size(); j++) {
        List<Integer> swapped = new ArrayList<>(order);
        Collections.swap(swapped, i, j);
        if (isTaken(swapped)) {
          return true;
        }
      }
    }
    for (int i = 0; i <= order.size(); i++) {
      for (int piece = 0; piece < evening.pieces().size(); piece++) {
        if (isBetterWith(i, piece)) {
          return true;
        }
      }
    }
    for (int i = 0; i < order.size(); i++) {
      for (int j = 0; j < order.size(); j++) {
        List<Integer> moved = new ArrayList<>(order);
        moved.subList(i, i + 1).clear();
        moved.add(j, order.get(i));
        if (isTaken(moved)) {
          return true;
        }
      }
    }
    return false;
  }

  private boolean isBetterWith(int place, int piece) {
    if (place < order.size()) {
      List<Integer> replaced = new ArrayList<>(order);
      replaced.set(place, piece);
      if (isTaken(replaced)) {
        return true;
      }
    }
    List<Integer> more = new ArrayList<>(order);
    more.add(place, piece);
    return isTaken(more);
  }

  private boolean isTaken(List<Integer> other) {
    int now = points(other);
    if (now <= points) {
      return false;
    }
    order = other;
    points = now;
    return true;
  }

  /** What an order is worth; {@link #NEVER} where it breaks a rule. */
  private int points(List<Integer> pieces) {
    Map<Integer, Integer> danced = new HashMap<>();
    int[] waited = evening.waited().stream().mapToInt(Integer::intValue).toArray();
    int at = evening.from();
    int had = 0;
    int family = evening.before();
    int sum = 0;
    for (int place = 0; place < pieces.size(); place++) {
      int piece = pieces.get(place);
      Playable one = evening.pieces().get(piece);
      int ends = at + one.grains();
      Integer locked = evening.locks().get(place);
      boolean may =
          locked == null
              ? one.walkIn() == evening.isWalkInDue(at, had)
                  && !evening.locks().containsValue(piece)
              : locked == piece;
      boolean ripe =
          locked != null
              || one.again() == Playable.FIRST
              || danced.getOrDefault(one.again(), NOT_YET) <= at - evening.gap();
      if (!may || !ripe || ends > evening.to() || at < one.earliest()) {
        return NEVER;
      }
      for (int dance : one.dances()) {
        if (danced.put(dance, ends) != null) {
          return NEVER;
        }
      }
      sum += prices.points(piece, at, family) + Waits.add(evening, one, waited);
      if (place == pieces.size() - 1) {
        return sum + one.last() + evening.free().applyAsInt(evening.to() - ends);
      }
      had += one.walkIn() ? 1 : 0;
      family = one.family();
      at = evening.next(at, ends);
      if (at >= evening.to()) {
        return NEVER;
      }
    }
    return NEVER;
  }
}
