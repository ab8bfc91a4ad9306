package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;

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
  public List<Slot> news(Lesson lesson, int known, int upTo) {
    List<Slot> slots = new ArrayList<>();
    for (int section : order(lesson)) {
      slots.add(Slot.words(new Scope.OneSection(section), 1, 2));
      slots.add(Slot.counts(new Scope.OneSection(section), Drills.LEARNING, 1, 3));
    }
    for (Scope whole : Drills.wholes(lesson, order(lesson))) {
      slots.add(Slot.counts(whole, Drills.LEARNING, 1, 3));
    }
    return slots;
  }

  @Override
  public List<Slot> closing(Lesson lesson) {
    return Drills.exceptions(lesson, 2);
  }
}
