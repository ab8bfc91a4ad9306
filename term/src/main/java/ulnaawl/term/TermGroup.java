package ulnaawl.term;

import java.time.LocalDate;
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

  /** The class on a day, or the next one where there is none on it; -1 where none is left. */
  public int indexFrom(LocalDate day) {
    return classes.stream()
        .filter(it -> !it.date().isBefore(day))
        .findFirst()
        .map(ClassOn::index)
        .orElse(-1);
  }

  /**
   * The class on a day that is still to come, or the next one that is; -1 where none is left. What
   * was to begin in a class that is over, and did not, waits for the next one.
   */
  public int openFrom(LocalDate day) {
    return classes.stream()
        .filter(it -> !it.held() && !it.date().isBefore(day))
        .findFirst()
        .map(ClassOn::index)
        .orElse(-1);
  }

  /**
   * How many new dances a group still takes.
   *
   * @param most in the whole term
   * @param from when the term begins
   * @param first when the group first met each dance that it has met
   */
  public static int newLeft(int most, LocalDate from, List<LocalDate> first) {
    long begun = first.stream().filter(it -> !it.isBefore(from)).count();
    return (int) Math.max(0, most - begun);
  }

  /** No group begins more new dances than this in a term. */
  public static final int MOST_NEW = 20;
}
