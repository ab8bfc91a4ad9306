package ulnaawl.teach;

import java.util.Set;

/**
 * What is to be taught to whom.
 *
 * @param minutes minutes there are, 1 to 240
 * @param sectionsKnown sections that the group has been shown before; 0 for a fresh teach
 * @param knownFigures names of the figures that the group has met
 * @param pace how long the pieces take
 */
public record TeachRequest(
    int minutes, int sectionsKnown, Set<String> knownFigures, TeachPace pace) {

  /** The longest teach that is laid out. */
  public static final int MOST_MINUTES = 240;

  public TeachRequest {
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException("A teach has 1 to 240 minutes, not " + minutes);
    }
    knownFigures = Set.copyOf(knownFigures);
  }
}
