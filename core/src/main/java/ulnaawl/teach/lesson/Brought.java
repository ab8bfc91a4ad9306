package ulnaawl.teach.lesson;

import java.util.Map;
import java.util.stream.Collectors;
import ulnaawl.dance.SectionSet;

/**
 * What a group has really done of a dance before this teach, as far as it is remembered.
 *
 * @param shown sections that it has been shown
 * @param turns turns of each section, in thousandths of one at full speed; nothing where it was
 *     only shown
 * @param wholeTurns of these, turns of the whole dance, with its joins, links and exceptions
 * @param percent the highest share of full speed at which it was danced; 0 for none
 */
public record Brought(SectionSet shown, Map<Integer, Integer> turns, int wholeTurns, int percent) {

  /** Nothing at all. */
  public static final Brought NOTHING = new Brought(SectionSet.NONE, Map.of(), 0, 0);

  public Brought {
    turns = Map.copyOf(turns);
    if (wholeTurns < 0 || percent < 0 || percent > 100) {
      throw new IllegalArgumentException("Turns " + wholeTurns + " at " + percent + " %");
    }
  }

  /**
   * The same for every section that was shown.
   *
   * @param turns in thousandths
   * @param whole whether these were turns of the whole dance
   */
  public static Brought evenly(SectionSet shown, int turns, boolean whole, int percent) {
    return new Brought(
        shown,
        shown.numbers().stream().collect(Collectors.toMap(it -> it, _ -> turns)),
        whole ? turns : 0,
        percent);
  }

  int turnsOf(int section) {
    return turns.getOrDefault(section, 0);
  }
}
