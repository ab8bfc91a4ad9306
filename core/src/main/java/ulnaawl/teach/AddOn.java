package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;

/** Each section in words, then counts; after each, everything so far from the top. */
record AddOn() implements School {

  @Override
  public String id() {
    return "add-on";
  }

  @Override
  public String label() {
    return "Add-on";
  }

  @Override
  public String goodFor() {
    return "good for beginners: everything so far is danced again and again. The first section is"
        + " danced most, so the last gets extra turns";
  }

  @Override
  public List<Integer> stops(Lesson lesson) {
    return Drills.everywhere(lesson);
  }

  @Override
  public List<Integer> order(Lesson lesson) {
    return Drills.inOrder(lesson);
  }

  @Override
  public List<Slot> slots(Lesson lesson, int known, int upTo) {
    List<Integer> order = order(lesson);
    int first = order.getFirst();
    List<Slot> slots = new ArrayList<>();
    if (known > 0) {
      slots.addAll(Drills.run(lesson, first, order.get(known - 1), 1, 3));
      if (known == 1) {
        slots.add(Slot.counts(new Scope.OneSection(first), Drills.LEARNING, 1, 3));
      }
    }
    for (int section : order.subList(known, upTo)) {
      slots.addAll(Drills.shown(lesson, section));
      slots.addAll(Drills.run(lesson, first, section, 1, 3));
    }
    if (upTo == order.size()) {
      slots.addAll(Drills.closing(lesson));
    }
    return slots;
  }
}
