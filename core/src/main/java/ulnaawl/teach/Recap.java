package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;

/** The whole wall in words, then in counts, then the exceptions. */
record Recap() implements School {

  @Override
  public String id() {
    return "recap";
  }

  @Override
  public String label() {
    return "Recap";
  }

  @Override
  public String goodFor() {
    return "for what the group has learned, and for experienced dancers";
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
    for (Scope whole : Drills.wholes(lesson, order(lesson))) {
      slots.add(Slot.words(whole, 1, 2));
      slots.add(Slot.counts(whole, Drills.LEARNING, 1, 5));
    }
    return slots;
  }

  @Override
  public List<Slot> closing(Lesson lesson) {
    return Drills.exceptions(lesson, 2);
  }
}
