package ulnaawl.teach.school;

import java.util.List;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Lesson;

/** The last section first, then the last two, and so on: each run ends on something known. */
record FromTheBack() implements SchoolOrder {

  @Override
  public List<Integer> order(Lesson lesson) {
    return Drills.inOrder(lesson).reversed();
  }

  @Override
  public List<OpenDrill> news(Lesson lesson, SectionSet known, List<Integer> fresh) {
    return Drills.addedOn(lesson, known, fresh);
  }
}
