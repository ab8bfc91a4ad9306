package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import ulnaawl.dance.Passage;

/** The last section first, then the last two, and so on: each run ends on something known. */
record FromTheBack() implements School {

  @Override
  public String id() {
    return "back";
  }

  @Override
  public String label() {
    return "From the back";
  }

  @Override
  public String goodFor() {
    return "good where the end is the hardest: it is danced most, and every run ends on what is known";
  }

  @Override
  public boolean goesOn() {
    return false;
  }

  @Override
  public List<Integer> stops(Lesson lesson) {
    return IntStream.rangeClosed(1, lesson.sections().size()).boxed().toList();
  }

  @Override
  public List<Integer> order(Lesson lesson) {
    return Drills.inOrder(lesson).reversed();
  }

  @Override
  public List<Slot> slots(Lesson lesson, int known, int upTo) {
    List<Integer> order = order(lesson);
    List<Slot> slots = new ArrayList<>();
    for (int section : order.subList(0, upTo)) {
      slots.addAll(Drills.shown(lesson, section));
      Passage part = lesson.part(section);
      int last = part.sections().getLast().number();
      if (last > section) {
        slots.add(Slot.counts(new Scope.Run(section, last), Drills.LEARNING, 1, 3));
      }
    }
    if (upTo == order.size()) {
      slots.addAll(Drills.closing(lesson));
    }
    return slots;
  }
}
