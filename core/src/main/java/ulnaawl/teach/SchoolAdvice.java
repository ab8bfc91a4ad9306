package ulnaawl.teach;

import java.util.Comparator;
import ulnaawl.dance.Section;
import ulnaawl.figure.Level;

/**
 * Which school suits a group and a dance, and why. Common practice, no source.
 *
 * @param why the reason in words and numbers
 */
public record SchoolAdvice(School school, String why) {

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
      return new SchoolAdvice(new Recap(), "The group has learned this dance before.");
    }
    Section hardest =
        lesson.sections().stream()
            .max(Comparator.comparingInt(section -> lesson.load(section).tenths()))
            .orElseThrow();
    int others =
        (lesson.sections().stream().mapToInt(section -> lesson.load(section).tenths()).sum()
                - lesson.load(hardest).tenths())
            / Math.max(1, sections - 1);
    int shown = lesson.learner().sections();
    boolean begun = shown > 0 && shown < sections;
    boolean endIsHard =
        !begun
            && sections > 2
            && hardest.number() == sections
            && lesson.load(hardest).tenths() * 100 > others * HARDER_PERCENT;
    if (endIsHard) {
      return new SchoolAdvice(
          new FromTheBack(),
          "The last section is the hardest, "
              + lesson.load(hardest).plainCounts()
              + " plain counts against "
              + others / 10
              + " on average: it should be danced most.");
    }
    Section second = lesson.sections().get(sections / 2);
    if (sections % 2 == 0 && sections > 2 && second.startFacing().eighths() == 4) {
      return new SchoolAdvice(
          new Halves(), "The second half begins at the back, so the class is turned once for it.");
    }
    if (level.ordinal() <= Level.HIGH_BEGINNER.ordinal() && sections < MANY_SECTIONS) {
      return new SchoolAdvice(
          new AddOn(), "The group is " + level.label() + ": it wants everything again and again.");
    }
    if (sections >= MANY_SECTIONS) {
      return new SchoolAdvice(
          new Pairs(),
          sections + " sections are many: going to the top after each takes too long.");
    }
    return new SchoolAdvice(
        new SectionsThenWhole(), "The group is " + level.label() + " and learns fast.");
  }
}
