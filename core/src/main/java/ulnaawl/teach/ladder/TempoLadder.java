package ulnaawl.teach.ladder;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.music.Tempo;

/**
 * The speeds at which a run-through is repeated. Rules (common practice): from about 60 % up to
 * full; no rung rises by more than 15 % of full rate; very fast songs need more rungs; no rung lies
 * under 50 %, because slow stepping breaks momentum figures.
 *
 * @param full the full count rate
 * @param percents rungs in percent of the full rate, rising; the last is 100
 */
public record TempoLadder(Tempo full, List<Integer> percents) {

  /** The lowest rung that makes sense. */
  public static final int LOWEST = 50;

  /** The fastest that practice makes sense, in percent of the full rate (common practice). */
  public static final int FASTEST = 110;

  /** The largest step between two rungs, in percent of the full rate. */
  public static final int LARGEST_RISE = 15;

  private static final int USUAL_START = 60;
  private static final int HARD_START = 55;
  private static final int KNOWN_START = 80;
  private static final int FAST = 130_000;
  private static final int VERY_FAST = 160_000;

  /** A section that is as hard as 28 walking counts, in tenths: the ladder starts lower. */
  private static final int HARD = 280;

  public TempoLadder {
    percents = List.copyOf(percents);
    if (percents.isEmpty() || percents.getLast() != 100 || percents.getFirst() < LOWEST) {
      throw new IllegalArgumentException("A ladder leads from 50 % or more to 100 %: " + percents);
    }
  }

  /**
   * The ladder for a full rate.
   *
   * @param known whether the group has danced it at full speed before; then it starts higher
   */
  public static TempoLadder of(Tempo full, boolean known) {
    return of(full, known, 0);
  }

  /**
   * The ladder for a dance.
   *
   * @param known whether the group has danced it at full speed before; then it starts higher
   * @param hardest load of the hardest section, in tenths of a plain count
   */
  public static TempoLadder of(Tempo full, boolean known, int hardest) {
    int start = known ? KNOWN_START : hardest >= HARD ? HARD_START : USUAL_START;
    int rise = LARGEST_RISE;
    if (full.milliBpm() > VERY_FAST) {
      rise = 8;
    } else if (full.milliBpm() > FAST) {
      rise = 10;
    }
    int rungs = (100 - start + rise - 1) / rise;
    List<Integer> percents = new ArrayList<>();
    for (int i = 0; i <= rungs; i++) {
      percents.add(start + (100 - start) * i / rungs);
    }
    return new TempoLadder(full, percents);
  }

  /** The count rate of a rung; {@code rung} from 0. */
  public Tempo rate(int rung) {
    return full.atPercent(percents.get(rung));
  }
}
