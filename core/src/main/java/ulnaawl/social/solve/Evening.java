package ulnaawl.social.solve;

import java.util.List;
import java.util.Map;
import java.util.function.IntUnaryOperator;

/**
 * An evening to be filled with pieces, in grains of time.
 *
 * @param begun when the piece before it began; less than 0 where there was none
 * @param ended where it begins, or what comes in between before it
 * @param to where it ends; nothing is played past it
 * @param pieces what may be played
 * @param dances how many dances there are
 * @param gap grains from the end of a dance to when it may come again
 * @param stops what comes in between, in the order of time
 * @param walkIns when walk-ins are due, in the order of time
 * @param after points of a piece of each family (column) after one of each other (row); family 0 is
 *     nothing
 * @param before the family of what was played before it begins; 0 for nothing
 * @param locks the piece of a place, from 0
 * @param waited grains for which each group has waited so far
 * @param waiting what it costs in all that a group has waited for so many grains; 0 or less
 * @param free what it costs that nothing is played for so many grains at the end; 0 or less
 */
public record Evening(
    int begun,
    int ended,
    int to,
    List<Playable> pieces,
    int dances,
    int gap,
    List<Stop> stops,
    List<Integer> walkIns,
    List<List<Integer>> after,
    int before,
    Map<Integer, Integer> locks,
    List<Integer> waited,
    IntUnaryOperator waiting,
    IntUnaryOperator free) {

  public Evening {
    pieces = List.copyOf(pieces);
    stops = List.copyOf(stops);
    walkIns = List.copyOf(walkIns);
    after = after.stream().map(List::copyOf).toList();
    locks = Map.copyOf(locks);
    waited = List.copyOf(waited);
  }

  /** Something that comes in between as soon as a piece ends at or after its time. */
  public record Stop(int at, int grains) {}

  /** Where the first piece begins. */
  int from() {
    return next(begun, ended);
  }

  /** Where the next piece begins when one that began at {@code began} has ended. */
  int next(int began, int ended) {
    int at = ended;
    for (Stop stop : stops) {
      if (stop.at() > began && stop.at() <= at) {
        at += stop.grains();
      }
    }
    return at;
  }

  /** Whether a walk-in must come now, after so many. */
  boolean isWalkInDue(int at, int had) {
    return had < walkIns.size() && walkIns.get(had) <= at;
  }

  /** Whether a piece may be played there by the rule of walk-ins; one that is locked always may. */
  boolean mayPlay(int piece, int at, int had) {
    Playable one = pieces.get(piece);
    return (one.walkIn() == isWalkInDue(at, had) || locks.containsValue(piece))
        && at >= one.earliest();
  }
}
