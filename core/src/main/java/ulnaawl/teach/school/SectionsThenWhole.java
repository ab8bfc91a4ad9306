package ulnaawl.teach.school;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;

/** Every section in words, then counts, without going back; then the whole wall. */
record SectionsThenWhole() implements SchoolOrder {

  @Override
  public List<OpenDrill> news(Lesson lesson, SectionSet known, List<Integer> fresh) {
    List<OpenDrill> slots = new ArrayList<>();
    fresh.forEach(section -> slots.addAll(Drills.shown(lesson, section, 1)));
    for (Scope whole : Drills.wholes(lesson, known.with(SectionSet.of(fresh)))) {
      slots.add(OpenDrill.words(whole, 1, 2));
      slots.add(OpenDrill.counts(whole, Drills.LEARNING, 1, 4));
    }
    return slots;
  }
}
