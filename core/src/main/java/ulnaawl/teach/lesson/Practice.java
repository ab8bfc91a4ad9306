package ulnaawl.teach.lesson;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What has been practised so far, and how much of a piece's practice is done from it. Each turn
 * closes the same share of what is still missing, so that later turns add less: the exponential law
 * of practice (Heathcote, Brown and Mewhort 2000; against the older power law of Newell and
 * Rosenbloom 1981; both from memory). A piece of two plain counts is half learned in one turn at
 * full speed.
 *
 * @param exposure turns of each piece, in thousandths of one at full speed
 */
public record Practice(Map<Piece, Integer> exposure) {

  private static final int FULL = 1000;
  private static final int HALF = RulesOfThumb.PRACTICE.get("half");

  public Practice {
    exposure = Map.copyOf(exposure);
  }

  /**
   * How ready the least ready section should be by the end of a teach, in thousandths, so that a
   * group goes home with what it was taught. Rule of thumb, no source.
   *
   * @param levelsAbove levels that the dance lies above the group, 0 or more
   */
  public static int enough(int levelsAbove) {
    return RulesOfThumb.PRACTICE.get("enough")
        + levelsAbove * RulesOfThumb.PRACTICE.get("enough-level");
  }

  /** With the repetitions of a drill. */
  public Practice with(Lesson lesson, Drill drill) {
    Map<Piece, Integer> more = new LinkedHashMap<>(exposure);
    int worth = worth(drill.mode(), drill.percent()) * drill.repetitions();
    lesson
        .covers(drill.scope())
        .forEach((piece, share) -> more.merge(piece, worth * share / FULL, Integer::sum));
    return new Practice(more);
  }

  /** What one turn is worth, in thousandths. */
  public static int worth(Mode mode, int percent) {
    int full = RulesOfThumb.PRACTICE.get(mode.name().toLowerCase(java.util.Locale.ROOT));
    if (mode == Mode.WORDS) {
      return full;
    }
    int slow = RulesOfThumb.PRACTICE.get("slow");
    return full * (slow + (FULL - slow) * percent / 100) / FULL;
  }

  /** How much of a piece's practice is done, in thousandths, 0 to 999. */
  public int practiceDone(Lesson lesson, Piece piece) {
    return practiceDone(exposure.getOrDefault(piece, 0), lesson.load(piece));
  }

  /**
   * How much of a piece's practice is done from its exposure, in thousandths, 0 to 999.
   *
   * @param exposure turns in thousandths of one at full speed
   * @param loadTenths how hard it is, in tenths of a plain count, 1 or more
   */
  public static int practiceDone(int exposure, int loadTenths) {
    double halvings = exposure / (double) FULL * HALF * 10 / loadTenths;
    return (int) Math.min(FULL - 1, Math.round(FULL * (1 - Math.pow(2, -halvings))));
  }

  /** The exposure, in thousandths of a turn, that leads to a readiness of 0 to 999 thousandths. */
  public static int exposureFor(int readiness, int loadTenths) {
    double halvings = -Math.log(1 - readiness / (double) FULL) / Math.log(2);
    return (int) Math.round(halvings * FULL * loadTenths / (HALF * 10.0));
  }
}
