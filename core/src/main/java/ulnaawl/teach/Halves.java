package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;

/** The first half to a clean loop, the second half the same, then whole walls. */
record Halves() implements School {

  @Override
  public String id() {
    return "halves";
  }

  @Override
  public String label() {
    return "Halves";
  }

  @Override
  public String goodFor() {
    return "good where the second half faces elsewhere: the class is turned to where it begins, and"
        + " each half becomes a loop";
  }

  private static int half(Lesson lesson) {
    return (lesson.sections().size() + 1) / 2;
  }

  @Override
  public List<Integer> stops(Lesson lesson) {
    int all = lesson.sections().size();
    return all == 1 ? List.of(1) : List.of(half(lesson), all);
  }

  @Override
  public List<Slot> news(Lesson lesson, int known, int upTo) {
    List<Integer> order = order(lesson);
    int half = half(lesson);
    List<Slot> slots = new ArrayList<>();
    for (int i = known; i < upTo; i++) {
      int section = order.get(i);
      slots.addAll(Drills.shown(lesson, section));
      if (i + 1 == half) {
        slots.addAll(loop(lesson, order.getFirst(), section));
      } else if (i + 1 == upTo) {
        slots.addAll(loop(lesson, order.get(Math.min(half, i)), section));
      }
    }
    return slots;
  }

  @Override
  public List<Slot> closing(Lesson lesson) {
    List<Slot> slots = new ArrayList<>();
    if (!lesson.dance().isPhrased()) {
      slots.add(Slot.counts(new Scope.Walls(1, 1), Drills.LEARNING, 1, 3));
    }
    slots.addAll(Drills.closing(lesson));
    return slots;
  }

  /** A half, slowly and then as a clean loop. */
  private static List<Slot> loop(Lesson lesson, int from, int to) {
    List<Slot> slots = new ArrayList<>();
    for (Slot slow : Drills.run(lesson, from, to, Drills.BREAKDOWN, 1, 2)) {
      slots.add(slow);
      slots.add(Slot.counts(slow.scope(), Drills.JOINING, 2, 4));
    }
    return slots;
  }
}
