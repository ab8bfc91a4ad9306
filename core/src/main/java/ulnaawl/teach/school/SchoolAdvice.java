package ulnaawl.teach.school;

import java.util.Comparator;
import ulnaawl.dance.Section;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;
import ulnaawl.teach.lesson.Lesson;

/**
 * Which school suits a group and a dance, and why. Common practice, no source.
 *
 * @param why the reason
 */
public record SchoolAdvice(School school, SchoolReason why) {

  private static final int MANY_SECTIONS = 6;
  private static final int HARDER_PERCENT = 140;

  /**
   * Proposes a school.
   *
   * @param level the level of the group
   * @param learned whether the group has learned the dance before
   */
  public static SchoolAdvice of(Lesson lesson, Level level, boolean learned) {
    int sections = lesson.sections().size();
    if (learned) {
      return new SchoolAdvice(School.RECAP, new SchoolReason.LearnedBefore());
    }
    Section hardest =
        lesson.sections().stream()
            .max(Comparator.comparingInt(section -> lesson.load(section).tenths()))
            .orElseThrow();
    int others =
        (lesson.sections().stream().mapToInt(section -> lesson.load(section).tenths()).sum()
                - lesson.load(hardest).tenths())
            / Math.max(1, sections - 1);
    SectionSet shown = lesson.learner().shown();
    boolean begun = !shown.isEmpty() && !shown.isWhole(sections);
    if (begun && !shown.contains(1) && shown.contains(sections)) {
      return new SchoolAdvice(School.BACK, new SchoolReason.BegunFromTheBack());
    }
    boolean endIsHard =
        !begun
            && sections > 2
            && hardest.number() == sections
            && lesson.load(hardest).tenths() * 100 > others * HARDER_PERCENT;
    if (endIsHard) {
      return new SchoolAdvice(
          School.BACK, new SchoolReason.EndIsHard(lesson.load(hardest).plainCounts(), others / 10));
    }
    Section second = lesson.sections().get(sections / 2);
    if (sections % 2 == 0 && sections > 2 && second.startFacing().eighths() == 4) {
      return new SchoolAdvice(School.HALVES, new SchoolReason.SecondHalfAtTheBack());
    }
    if (level.ordinal() <= Level.HIGH_BEGINNER.ordinal() && sections < MANY_SECTIONS) {
      return new SchoolAdvice(School.ADD_ON, new SchoolReason.WantsRepeats(level));
    }
    if (sections >= MANY_SECTIONS) {
      return new SchoolAdvice(School.PAIRS, new SchoolReason.ManySections(sections));
    }
    return new SchoolAdvice(School.SECTIONS, new SchoolReason.LearnsFast(level));
  }
}
