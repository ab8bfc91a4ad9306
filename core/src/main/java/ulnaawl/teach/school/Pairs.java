package ulnaawl.teach.school;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Lesson;

/** Two sections each in words and counts, then the pair joined, then from the top. */
record Pairs() implements SchoolOrder {

  @Override
  public List<Integer> stops(Lesson lesson) {
    int all = lesson.sections().size();
    return IntStream.rangeClosed(1, all).filter(it -> it % 2 == 0 || it == all).boxed().toList();
  }

  @Override
  public List<OpenDrill> news(Lesson lesson, SectionSet known, List<Integer> fresh) {
    List<Integer> order = order(lesson);
    List<OpenDrill> slots = new ArrayList<>();
    SectionSet covered = known;
    for (int section : fresh) {
      covered = covered.with(SectionSet.between(section, section));
      slots.addAll(Drills.shown(lesson, section));
      int at = order.indexOf(section);
      boolean closes = at % 2 == 1 || section == fresh.getLast();
      if (closes) {
        SectionSet pair = SectionSet.between(section - 1 > 0 ? section - 1 : section, section);
        List<OpenDrill> joined = Drills.around(lesson, pair, section, Drills.LEARNING, 1, 4);
        slots.addAll(joined);
        Drills.around(lesson, covered, section, Drills.LEARNING, 1, 3).stream()
            .filter(all -> joined.stream().noneMatch(it -> it.scope().equals(all.scope())))
            .forEach(slots::add);
      }
    }
    return slots;
  }
}
