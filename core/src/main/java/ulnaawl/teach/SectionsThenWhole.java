package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Passage;

/** Every section in words, then counts, without going back; then the whole wall. */
record SectionsThenWhole() implements School {

  @Override
  public String id() {
    return "sections";
  }

  @Override
  public String label() {
    return "Sections, then whole";
  }

  @Override
  public String goodFor() {
    return "quick, for groups that learn fast: no going back until everything has been shown";
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
    List<Slot> slots = new ArrayList<>();
    if (known > 0) {
      slots.addAll(Drills.run(lesson, order.getFirst(), order.get(known - 1), 1, 3));
    }
    for (int section : order.subList(known, upTo)) {
      slots.add(Slot.words(new Scope.OneSection(section), 1, 3));
      if (lesson.learner().watchOuts().containsKey(section)) {
        slots.add(Slot.counts(new Scope.OneSection(section), Drills.BREAKDOWN, 2, 4));
      }
      slots.add(Slot.counts(new Scope.OneSection(section), Drills.LEARNING, 1, 5));
    }
    for (Passage part : lesson.dance().parts()) {
      List<Integer> own =
          part.sections().stream()
              .map(it -> it.number())
              .filter(it -> order.subList(0, upTo).contains(it))
              .toList();
      if (own.size() > 1) {
        Scope scope = new Scope.Run(own.getFirst(), own.getLast());
        slots.add(Slot.words(scope, 1, 2));
        slots.add(Slot.counts(scope, Drills.LEARNING, 1, 4));
      }
    }
    if (upTo == order.size()) {
      slots.addAll(Drills.closing(lesson));
    }
    return slots;
  }
}
