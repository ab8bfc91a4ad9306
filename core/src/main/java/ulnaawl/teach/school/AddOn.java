package ulnaawl.teach.school;

import java.util.List;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Lesson;

/** Each section in words, then counts; after each, everything so far from the top. */
record AddOn() implements SchoolOrder {

  @Override
  public List<OpenDrill> news(Lesson lesson, SectionSet known, List<Integer> fresh) {
    return Drills.addedOn(lesson, known, fresh);
  }
}
