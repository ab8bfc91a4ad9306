package ulnaawl.term;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * When a group was to know a dance by a plan of the term, as it was settled then.
 *
 * @param known the day on which it was to be known
 */
public record Promise(long group, long dance, LocalDate known) {

  /** Whether it is about the dance of a start. */
  boolean isOf(TermPlan.Start start) {
    return group == start.group() && dance == start.dance();
  }

  /** Whether it is about the dance of a course. */
  boolean isOf(Course course) {
    return group == course.group() && dance == course.dance().id();
  }

  /**
   * What is promised once a plan has changed: a start that stands as it stood keeps its word, so
   * that one sees when a class has fallen behind; one that was moved gives a new one.
   *
   * @param until what was promised until now
   * @param before the plan until now
   * @param after the plan from now on
   * @param courses what comes of it
   */
  public static List<Promise> after(
      List<Promise> until, TermPlan before, TermPlan after, List<Course> courses) {
    List<Promise> all = new ArrayList<>();
    for (TermPlan.Start start : after.starts()) {
      Optional<Promise> kept =
          until.stream().filter(it -> it.isOf(start) && standsIn(before, start)).findFirst();
      kept.or(() -> made(start, courses)).ifPresent(all::add);
    }
    return List.copyOf(all);
  }

  private static boolean standsIn(TermPlan before, TermPlan.Start start) {
    return before
        .start(start.group(), start.dance())
        .filter(it -> it.on().equals(start.on()))
        .isPresent();
  }

  private static Optional<Promise> made(TermPlan.Start start, List<Course> courses) {
    return courses.stream()
        .filter(it -> it.isOf(start) && it.kind() != Course.Kind.RETURN)
        .findFirst()
        .flatMap(Course::known)
        .map(it -> new Promise(start.group(), start.dance(), it));
  }
}
