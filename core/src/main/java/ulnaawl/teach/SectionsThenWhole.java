package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;

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
  public List<Slot> news(Lesson lesson, int known, int upTo) {
    List<Integer> order = order(lesson);
    List<Slot> slots = new ArrayList<>();
    for (int section : order.subList(known, upTo)) {
      slots.addAll(Drills.shown(lesson, section, 1));
    }
    for (Scope whole : Drills.wholes(lesson, order.subList(0, upTo))) {
      slots.add(Slot.words(whole, 1, 2));
      slots.add(Slot.counts(whole, Drills.LEARNING, 1, 4));
    }
    return slots;
  }
}
