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
  public List<Slot> news(Lesson lesson, int known, int upTo) {
    List<Integer> order = order(lesson);
    List<Slot> slots = new ArrayList<>();
    for (int section : order.subList(known, upTo)) {
      slots.addAll(Drills.shown(lesson, section));
      slots.addAll(Drills.run(lesson, order.getFirst(), section, 1, 3));
    }
    return slots;
  }
}
