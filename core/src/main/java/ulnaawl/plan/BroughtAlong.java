package ulnaawl.plan;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.learning.Standing;
import ulnaawl.teach.lesson.Brought;

/**
 * What a group really did of a dance before, as practice that a teach goes on from: turns of each
 * section from the evidence, less what has been forgotten since. Rules of thumb, no source.
 */
public final class BroughtAlong {

  /** Turns of each section when it is taught, and nobody wrote down how long that took. */
  private static final int TAUGHT = 4000;

  private static final int WALKED = 2000;

  /** Turns of the whole dance in a song: its walls. */
  private static final int DANCED = 7000;

  /** Seconds of a live class that one turn of one count takes, talk included. */
  private static final int SECONDS_FOR_TEN_COUNTS = 45;

  private static final int SHAKY = 60;
  private static final int LOST = 30;

  private BroughtAlong() {}

  /**
   * From the evidence of one dance.
   *
   * @param counts counts of each section by its number
   */
  public static Brought of(
      List<Evidence> evidence, Standing standing, Map<Integer, Integer> counts) {
    Map<Integer, Integer> turns = new TreeMap<>();
    SectionSet all = SectionSet.of(counts.keySet());
    int whole = 0;
    int percent = 0;
    for (Evidence one : evidence) {
      int each = turns(one, counts) * worth(one.outcome()) / 100 * standing.strength() / 100;
      one.sections().numbers().forEach(section -> turns.merge(section, each, Integer::sum));
      if (one.happened().isWhole() && one.sections().containsAll(all)) {
        whole += each;
      }
      boolean inTime = one.happened().compareTo(Happened.DANCED_CALLED) >= 0;
      percent = Math.max(percent, one.percent().orElse(inTime ? 100 : 70));
    }
    return new Brought(standing.shown(), turns, whole, percent);
  }

  private static int turns(Evidence one, Map<Integer, Integer> counts) {
    if (one.happened().compareTo(Happened.DANCED_CALLED) >= 0) {
      return DANCED * one.percent().orElse(100) / 100;
    }
    int usual = one.happened() == Happened.WALKED ? WALKED : TAUGHT;
    int danced = one.sections().numbers().stream().mapToInt(it -> counts.getOrDefault(it, 0)).sum();
    return one.minutes().isPresent() && danced > 0
        ? one.minutes().getAsInt() * 60 * 10_000 / (danced * SECONDS_FOR_TEN_COUNTS)
        : usual;
  }

  private static int worth(Outcome outcome) {
    return switch (outcome) {
      case SOLID -> 100;
      case SHAKY -> SHAKY;
      case LOST -> LOST;
    };
  }
}
