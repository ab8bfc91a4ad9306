package ulnaawl.server.terms;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.figure.Level;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.server.wire.ClubPerson;
import ulnaawl.term.Course;

/** The shapes in which a term goes over the wire. */
final class TermView {

  private TermView() {}

  /** A term in the list. */
  record TermCard(
      long id, String name, LocalDate from, LocalDate to, @Nullable LocalDate social, int groups) {}

  /**
   * A term with all that is in it.
   *
   * @param weeks Mondays of its weeks
   * @param broken what breaks a rule that holds always, in words; nothing where all is well
   * @param slips what will be known later than it was settled
   * @param points what it is worth by the rules that have their price
   */
  record TermSheet(
      long id,
      String name,
      LocalDate from,
      LocalDate to,
      @Nullable LocalDate social,
      int version,
      LocalDate today,
      List<LocalDate> weeks,
      List<GroupColumn> groups,
      List<CourseBar> courses,
      List<Clash> broken,
      List<SlipLine> slips,
      long points,
      List<RuleLine> rules,
      List<ClubPerson> leaders) {}

  /**
   * A group in a term.
   *
   * @param mostNew new dances that it takes in the term
   */
  record GroupColumn(
      long id, String name, Level level, int mostNew, boolean social, List<ClassCell> classes) {}

  /**
   * A class of a group, or a day without one.
   *
   * @param week from 1
   * @param closed why there is none; empty where there is one
   * @param held whether it is over
   * @param minutes of dances that are planned
   * @param room minutes for dances
   * @param leader who leads; nothing where nobody
   * @param happened what was danced in a class that is over
   */
  record ClassCell(
      LocalDate date,
      int week,
      String closed,
      boolean held,
      int minutes,
      int room,
      @Nullable Long leader,
      List<HappenedLine> happened) {}

  /** A dance in a class that is over. */
  record HappenedLine(long dance, String title, Happened happened, Outcome outcome) {}

  /**
   * A dance on its way through the term with a group.
   *
   * @param stays whether somebody wants it just there
   * @param known the day on which it is known; nothing where that is not in the term
   * @param reasons what speaks for it and what against, with points
   */
  record CourseBar(
      long group,
      long dance,
      String title,
      Course.Kind kind,
      LocalDate start,
      boolean stays,
      @Nullable LocalDate known,
      List<Knot> knots,
      List<CourseReason> reasons) {}

  /** A dance in a class that is to come. */
  record Knot(LocalDate date, int week, Happened happened, int minutes) {}

  /** Why, and what that is worth. */
  record CourseReason(String text, long points) {}

  /**
   * A rule that is broken, and where.
   *
   * @param anchored dances of it that somebody wants just where they are, so that planning again
   *     leaves them there
   */
  record Clash(long group, @Nullable LocalDate date, String text, List<Long> anchored) {}

  /** A dance that a group will know later than it was settled, in words. */
  record SlipLine(long group, long dance, String text) {}

  /** What a rule adds to the term in all. */
  record RuleLine(String rule, long points) {}

  /** A wish that is not met, and what would have to give. */
  record UnmetWish(long group, long dance, String title, int asked, List<String> gives) {}

  /** What could stand in the place of a dance, and why that is worth more or less. */
  record InsteadView(long dance, String title, LocalDate start, boolean sound, long points) {}

  /**
   * What a change would come to.
   *
   * @param points more than now; less than 0 where it is worth less
   * @param breaks what it would break that is whole now
   */
  record Cost(long points, List<String> breaks) {}

  /**
   * A plan that is being made.
   *
   * @param running whether it still is
   * @param millis for how long
   * @param broken how badly rules are broken by the best so far
   * @param points what the best so far is worth
   * @param change how many points more than the plan until now; nothing while it runs
   * @param changes what is otherwise in it; nothing while it runs
   */
  record JobView(
      boolean running,
      boolean failed,
      long millis,
      long broken,
      long points,
      @Nullable Long change,
      List<String> changes) {}
}
