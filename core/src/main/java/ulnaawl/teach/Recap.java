package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Passage;

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
  public List<Integer> order(Lesson lesson) {
    return Drills.inOrder(lesson);
  }

  @Override
  public List<Slot> slots(Lesson lesson, int known, int upTo) {
    List<Slot> slots = new ArrayList<>();
    for (Passage part : lesson.dance().parts()) {
      if (!part.sections().isEmpty()) {
        int from = part.sections().getFirst().number();
        int to = part.sections().getLast().number();
        Scope whole = new Scope.Run(from, to);
        slots.add(Slot.words(whole, 1, 2));
        slots.add(Slot.counts(whole, Drills.LEARNING, 1, 5));
      }
    }
    lesson.specials().forEach(scope -> slots.add(Slot.counts(scope, Drills.LEARNING, 1, 2)));
    return slots;
  }
}
