package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.floor.Foot;

/** Puts feet that are only listed into one: "right, left, right", "R then L", "R L R". */
final class FeetLists {

  private FeetLists() {}

  static List<Mark> join(List<Mark> marks) {
    List<Mark> joined = new ArrayList<>();
    for (int i = 0; i < marks.size(); i++) {
      Mark mark = marks.get(i);
      if (MarkCursor.isParting(mark.meaning()) && !joined.isEmpty() && isListOnly(marks, i + 1)) {
        continue;
      }
      if (mark.meaning() instanceof Meaning.Feet feet
          && !joined.isEmpty()
          && joined.getLast().meaning() instanceof Meaning.Feet before) {
        List<Foot> all = new ArrayList<>(before.feet());
        all.addAll(feet.feet());
        Mark last = joined.removeLast();
        joined.add(new Mark(new Meaning.Feet(List.copyOf(all)), last.from(), mark.to()));
      } else {
        joined.add(mark);
      }
    }
    return joined;
  }

  /** Whether nothing but feet stands up to the next sign that parts, or the end. */
  private static boolean isListOnly(List<Mark> marks, int from) {
    boolean feet = false;
    for (int i = from; i < marks.size() && !MarkCursor.isParting(marks.get(i).meaning()); i++) {
      Meaning meaning = marks.get(i).meaning();
      if (meaning instanceof Meaning.Remark) {
        return feet;
      }
      if (!(meaning instanceof Meaning.Feet)) {
        return false;
      }
      feet = true;
    }
    return feet;
  }
}
