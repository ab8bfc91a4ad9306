package ulnaawl.teach.school;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;

/** The whole wall in words, then in counts, then the exceptions, then up to the music. */
record Recap() implements SchoolOrder {

  @Override
  public boolean goesOn() {
    return false;
  }

  @Override
  public List<Integer> stops(Lesson lesson) {
    return List.of(lesson.sections().size());
  }

  @Override
  public List<OpenDrill> news(Lesson lesson, SectionSet known, List<Integer> fresh) {
    List<OpenDrill> slots = new ArrayList<>();
    for (Scope whole : Drills.wholes(lesson, SectionSet.of(fresh))) {
      slots.add(OpenDrill.words(whole, 1, 2));
      slots.add(OpenDrill.counts(whole, Drills.LEARNING, 1, 2));
    }
    return slots;
  }

  @Override
  public List<OpenDrill> closing(Lesson lesson) {
    List<OpenDrill> slots = new ArrayList<>(Drills.links(lesson, Drills.LEARNING, 0, 2));
    slots.addAll(Drills.allWalls(lesson, Drills.exceptions(lesson, 2), 0));
    return slots;
  }
}
