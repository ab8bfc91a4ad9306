package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Two sections each in words and counts, then the pair joined, then from the top. */
record Pairs() implements School {

  @Override
  public String id() {
    return "pairs";
  }

  @Override
  public String label() {
    return "Pairs";
  }

  @Override
  public String goodFor() {
    return "good for longer dances: fewer returns to the top, and every other join gets a drill of"
        + " its own";
  }

  @Override
  public List<Integer> stops(Lesson lesson) {
    int all = lesson.sections().size();
    return IntStream.rangeClosed(1, all).filter(it -> it % 2 == 0 || it == all).boxed().toList();
  }

  @Override
  public List<Slot> news(Lesson lesson, int known, int upTo) {
    List<Integer> order = order(lesson);
    List<Slot> slots = new ArrayList<>();
    for (int i = known; i < upTo; i++) {
      int section = order.get(i);
      slots.addAll(Drills.shown(lesson, section));
      boolean closes = i % 2 == 1 || i + 1 == upTo;
      if (closes && i > 0) {
        slots.addAll(Drills.run(lesson, section - 1, section, 1, 4));
      }
      if (closes && i > 1) {
        slots.addAll(Drills.run(lesson, order.getFirst(), section, 1, 3));
      }
    }
    return slots;
  }
}
