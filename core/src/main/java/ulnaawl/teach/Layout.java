package ulnaawl.teach;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Practice;
import ulnaawl.teach.school.OpenDrill;

/**
 * Drills in order with repetitions that fit some minutes.
 *
 * @param shortestSeconds what they take with the fewest repetitions
 * @param fits whether that is no more than there is
 * @param drills those that are danced, in order
 * @param practice what has been practised after each of them
 * @param target the pieces that they touch
 */
record Layout(
    int shortestSeconds,
    boolean fits,
    List<Drill> drills,
    List<Practice> practice,
    List<Piece> target) {

  static Layout of(Lesson lesson, List<OpenDrill> slots, int seconds) {
    List<Piece> target = target(lesson, slots);
    int[] repetitions = new Fit(lesson, slots, target).within(seconds);
    List<Drill> drills = drills(lesson, slots, repetitions);
    int shortest = shortest(lesson, slots);
    return new Layout(shortest, shortest <= seconds, drills, practised(lesson, drills), target);
  }

  /** What some drills take with the fewest repetitions, in seconds. */
  static int shortest(Lesson lesson, List<OpenDrill> slots) {
    DrillWriter writer = new DrillWriter(lesson);
    return slots.stream()
        .filter(slot -> slot.least() > 0)
        .mapToInt(slot -> writer.write(slot, slot.least()).seconds())
        .sum();
  }

  private static List<Piece> target(Lesson lesson, List<OpenDrill> slots) {
    Set<Piece> touched = new LinkedHashSet<>();
    slots.forEach(slot -> touched.addAll(lesson.covers(slot.scope()).keySet()));
    return lesson.pieces().stream().filter(touched::contains).toList();
  }

  private static List<Drill> drills(Lesson lesson, List<OpenDrill> slots, int[] repetitions) {
    DrillWriter writer = new DrillWriter(lesson);
    List<Drill> drills = new ArrayList<>();
    for (int i = 0; i < slots.size(); i++) {
      if (repetitions[i] > 0) {
        drills.add(writer.write(slots.get(i), repetitions[i]));
      }
    }
    return drills;
  }

  private static List<Practice> practised(Lesson lesson, List<Drill> drills) {
    List<Practice> all = new ArrayList<>();
    Practice practice = lesson.before();
    for (Drill drill : drills) {
      practice = practice.with(lesson, drill);
      all.add(practice);
    }
    return all;
  }

  int seconds() {
    return drills.stream().mapToInt(Drill::seconds).sum();
  }

  /** How much of a piece's practice is done by the end, in thousandths. */
  int ready(Lesson lesson, Piece piece) {
    return (practice.isEmpty() ? lesson.before() : practice.getLast()).practiceDone(lesson, piece);
  }

  /** How ready the least ready of its sections is by the end, in thousandths. */
  int leastDone(Lesson lesson) {
    return target.stream()
        .filter(Piece.Steps.class::isInstance)
        .mapToInt(piece -> ready(lesson, piece))
        .min()
        .orElse(0);
  }
}
