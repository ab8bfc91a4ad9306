package ulnaawl.plan;

import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.teach.lesson.TeachPace;

/**
 * How much a dance asks of the body, 0 to 100: half of it the count rate (from 80 a minute to 160),
 * a quarter the steps in a count, a quarter the turns. Rule of thumb, no source.
 */
final class Effort {

  private static final int SLOW = 80_000;
  private static final int FAST = 160_000;
  private static final int HALF = 50;
  private static final int QUARTER = 25;

  private Effort() {}

  static int of(Dance dance) {
    int rate = dance.countsPerMinute().orElse(TeachPace.USUAL_RATE).milliBpm();
    int fast = HALF * (Math.clamp(rate, SLOW, FAST) - SLOW) / (FAST - SLOW);
    int counts = Math.max(1, dance.counts());
    long steps = dance.sections().stream().flatMap(it -> it.places().stream()).count();
    int eighths =
        dance.sections().stream()
            .flatMap(it -> it.places().stream())
            .map(Place::turn)
            .mapToInt(turn -> Math.abs(turn.eighths()))
            .sum();
    // One step a count is none of the quarter, three in two counts are all of it.
    int busy = Math.clamp(QUARTER * 2 * (steps - counts) / counts, 0, QUARTER);
    // A quarter turn in each section of eight is little, a whole turn is all of it.
    int turning = Math.min(QUARTER, QUARTER * eighths / counts);
    return fast + busy + turning;
  }
}
