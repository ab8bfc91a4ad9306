package ulnaawl.song;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.floor.Foot;
import ulnaawl.music.Meter;

/** Plain steps to fill a tag: they turn nowhere and leave the weight as they found it. */
final class TagSteps {

  private static final int CHAIR = 4;
  private static final int BASIC = 3;

  private TagSteps() {}

  /**
   * Step lines for so many counts, in sections' time.
   *
   * @param counts 1 or more
   * @param free the foot that begins
   */
  static List<String> lines(int counts, Foot free, Meter meter) {
    String f = free.letter();
    String o = free.other().letter();
    List<String> lines = new ArrayList<>();
    int at = 1;
    if (meter == Meter.THREE) {
      while (counts - at + 1 >= 2 * BASIC) {
        lines.add(span(at, BASIC) + "  waltz basic " + f + " fwd");
        lines.add(span(at + BASIC, BASIC) + "  waltz basic " + o + " back");
        at += 2 * BASIC;
      }
    }
    while (meter == Meter.FOUR && counts - at + 1 >= CHAIR) {
      lines.add(span(at, CHAIR) + "  rocking chair " + f);
      at += CHAIR;
    }
    while (counts - at + 1 >= 2) {
      lines.add(span(at, 2) + "  sway " + f + " " + o);
      at += 2;
    }
    if (at == counts) {
      lines.add(at + "  hold");
    }
    return lines;
  }

  private static String span(int from, int counts) {
    return from + "-" + (from + counts - 1);
  }
}
