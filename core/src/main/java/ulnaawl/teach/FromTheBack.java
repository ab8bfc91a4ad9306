package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;

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
  public List<Integer> order(Lesson lesson) {
    return Drills.inOrder(lesson).reversed();
  }

  @Override
  public List<Slot> news(Lesson lesson, int known, int upTo) {
    List<Slot> slots = new ArrayList<>();
    for (int section : order(lesson).subList(known, upTo)) {
      slots.addAll(Drills.shown(lesson, section));
      int last = lesson.part(section).sections().getLast().number();
      slots.addAll(Drills.run(lesson, section, last, 1, 3));
    }
    return slots;
  }
}
