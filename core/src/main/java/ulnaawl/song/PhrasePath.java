package ulnaawl.song;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import ulnaawl.music.SongPhrases;

/**
 * The cheapest way to keep walls on the phrases of a song: at each wall, dance it whole, restart it
 * where a phrase ends inside it, or follow it by a tag up to the next phrase. Found by looking back
 * from the end of the song (dynamic programming), so that an early exception is made where it
 * spares later ones.
 */
final class PhrasePath {

  /** The longest tag that is put in, in counts; rule of thumb, no source. */
  static final int LONGEST_TAG = 16;

  /** A restart before this many counts is hardly a wall; rule of thumb, no source. */
  static final int EARLIEST = 8;

  // What a move costs people: an exception is to be learned, a changed step more so, a cut figure
  // feels wrong, and a wall that starts inside a phrase is worst. Rule of thumb, no source.
  private static final int EXCEPTION = 20;
  private static final int CHANGED = 6;
  private static final int CUT = 8;
  private static final int OFF = 45;
  private static final int NEW_TAG = 4;

  /** What happens to a wall. */
  sealed interface Move {
    /** Counts until the next wall begins. */
    int counts();

    /** Danced whole, without anything after it. */
    record Whole(int counts) implements Move {}

    /** Cut short. */
    record Restart(RestartCount at) implements Move {
      @Override
      public int counts() {
        return at.after();
      }
    }

    /** Danced whole, with a tag after it. */
    record Tag(int wallCounts, int tagCounts) implements Move {
      @Override
      public int counts() {
        return wallCounts + tagCounts;
      }
    }
  }

  private record Way(int cost, List<Move> moves) {}

  private final int wallCounts;
  private final int total;
  private final TreeSet<Integer> borders;
  private final Map<Integer, RestartCount> restarts = new HashMap<>();
  private final List<Integer> ownTags;
  private final boolean tags;
  private final Map<Integer, Way> best = new HashMap<>();

  /**
   * Sets out.
   *
   * @param restarts the counts at which restarts are possible; empty: none wanted
   * @param tags whether tags are wanted
   * @param ownTags lengths of the tags that the dance has already
   */
  PhrasePath(
      int wallCounts,
      SongPhrases phrases,
      List<RestartCount> restarts,
      boolean tags,
      List<Integer> ownTags) {
    this.wallCounts = wallCounts;
    this.total = phrases.total();
    this.borders = phrases.borders(wallCounts);
    this.tags = tags;
    this.ownTags = List.copyOf(ownTags);
    restarts.stream()
        .filter(RestartCount::isPossible)
        .filter(it -> it.after() >= EARLIEST)
        .forEach(it -> this.restarts.put(it.after(), it));
  }

  /** The moves of every wall that begins within the phrases. */
  List<Move> moves() {
    for (int at = total - 1; at >= 0; at--) {
      best.put(at, from(at));
    }
    return Optional.ofNullable(best.get(0)).map(Way::moves).orElse(List.of());
  }

  private Way from(int at) {
    Way cheapest = then(at, new Move.Whole(wallCounts), 0);
    for (int border : borders.subSet(at, false, at + wallCounts, false)) {
      RestartCount restart = restarts.get(border - at);
      if (restart != null) {
        int cost =
            EXCEPTION
                + (restart.change().isEmpty() ? 0 : CHANGED)
                + (restart.cutFigure().isEmpty() ? 0 : CUT);
        cheapest = cheaper(cheapest, then(at, new Move.Restart(restart), cost));
      }
    }
    if (tags) {
      int end = at + wallCounts;
      for (int border : borders.subSet(end, false, end + LONGEST_TAG, true)) {
        int length = border - end;
        int cost = EXCEPTION + length / 4 + (ownTags.contains(length) ? 0 : NEW_TAG);
        cheapest = cheaper(cheapest, then(at, new Move.Tag(wallCounts, length), cost));
      }
    }
    return cheapest;
  }

  private static Way cheaper(Way a, Way b) {
    return b.cost() < a.cost() ? b : a;
  }

  private Way then(int at, Move move, int cost) {
    int next = at + move.counts();
    int all = cost + (next < total && !borders.contains(next) ? OFF : 0);
    Way rest = best.getOrDefault(next, new Way(0, List.of()));
    List<Move> moves = new ArrayList<>();
    moves.add(move);
    moves.addAll(rest.moves());
    return new Way(all + rest.cost(), moves);
  }
}
