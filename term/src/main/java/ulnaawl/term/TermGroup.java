package ulnaawl.term;

import java.util.List;
import java.util.Set;
import ulnaawl.figure.Level;

/**
 * A group in the term.
 *
 * @param mostNew so many new dances it begins in what is left of the term, at the most
 * @param met names of the figures that it has met
 * @param classes its classes, the first one first, closed days left out
 * @param social whether it comes to the social
 */
public record TermGroup(
    long id,
    String name,
    Level level,
    int mostNew,
    Set<String> met,
    List<ClassOn> classes,
    boolean social) {

  public TermGroup {
    met = Set.copyOf(met);
    classes = List.copyOf(classes);
    if (mostNew < 0 || mostNew > MOST_NEW) {
      throw new IllegalArgumentException("0 to " + MOST_NEW + " new dances, not " + mostNew);
    }
    for (int i = 0; i < classes.size(); i++) {
      if (classes.get(i).index() != i || classes.get(i).group() != id) {
        throw new IllegalArgumentException("Classes of " + name + " are not in order");
      }
    }
  }

  /** No group begins more new dances than this in a term. */
  public static final int MOST_NEW = 20;
}
