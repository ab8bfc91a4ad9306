package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Passage;

/** Each section once more in words and counts, then whole walls and the exceptions. */
record Reminder() implements School {

  @Override
  public String id() {
    return "reminder";
  }

  @Override
  public String label() {
    return "Reminder walk-through";
  }

  @Override
  public String goodFor() {
    return "for a dance that the group had and has half forgotten";
  }

  @Override
  public boolean goesOn() {
    return false;
  }

  @Override
  public List<Integer> stops(Lesson lesson) {
    return List.of(lesson.sections().size());
  }

  @Override
  public List<Integer> order(Lesson lesson) {
    return Drills.inOrder(lesson);
  }

  @Override
  public List<Slot> slots(Lesson lesson, int known, int upTo) {
    List<Slot> slots = new ArrayList<>();
    for (int section : order(lesson)) {
      slots.add(Slot.words(new Scope.OneSection(section), 1, 2));
      slots.add(Slot.counts(new Scope.OneSection(section), Drills.LEARNING, 1, 3));
    }
    for (Passage part : lesson.dance().parts()) {
      if (part.sections().size() > 1) {
        int from = part.sections().getFirst().number();
        int to = part.sections().getLast().number();
        slots.add(Slot.counts(new Scope.Run(from, to), Drills.LEARNING, 1, 3));
      }
    }
    lesson.specials().forEach(scope -> slots.add(Slot.counts(scope, Drills.LEARNING, 1, 2)));
    return slots;
  }
}
