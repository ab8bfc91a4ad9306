package ulnaawl.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.OptionalInt;
import ulnaawl.learning.Stage;

/**
 * What a dance is worth in each place of a class, by the table of weights, with its reasons.
 *
 * @param on the day of the class
 */
record Points(LocalDate on) {

  /** Minutes to find the song and the places on the floor. Rule of thumb, no source. */
  static final int SET_UP = 1;

  /** A teach shorter than this many minutes is none. Rule of thumb, no source. */
  static final int LEAST_TEACH = 8;

  private static final int LATELY_DAYS = 15;
  private static final int MOST_WEEKS_OVERDUE = 8;

  /** Whether a group can end its evening on a dance. */
  static boolean endsWell(DanceForGroup dance) {
    Stage stage = dance.standing().stage();
    return stage == Stage.KNOWN || stage == Stage.PRACTISED;
  }

  /** Minutes that a teach of a dance wants. */
  static int wanted(DanceForGroup dance) {
    return Math.max(LEAST_TEACH, dance.teachMinutes());
  }

  /** What a line with a dance asks of the body, in steps of ten: more would be false precision. */
  static int effort(ClassLine.Kind kind, DanceForGroup dance) {
    return ClassLine.effort(kind, OptionalInt.of(dance.effort())) / 10 * 10;
  }

  /** Whether it should be walked through again. */
  boolean isDue(DanceForGroup dance) {
    return dance.isDanced()
        && (dance.standing().isDueBy(on) || dance.standing().stage() == Stage.RUSTY);
  }

  /** Danced once, with or without calls. */
  Score danced(DanceForGroup dance) {
    Score score = new Score();
    int faded = (100 - dance.standing().strength()) / 5 * PlanWeight.FADING.points();
    score.add(
        PlanWeight.DANCED.points() + faded,
        new PlanReason.Danced(dance.standing().stage(), dance.standing().strength()));
    score.wishes(dance.wishes());
    boolean lately =
        dance
            .standing()
            .last()
            .filter(it -> ChronoUnit.DAYS.between(it, on) < LATELY_DAYS)
            .isPresent();
    if (dance.standing().stage() == Stage.TAUGHT && lately) {
      score.add(
          PlanWeight.TAUGHT_LATELY.points(), new PlanReason.KeepsFresh(dance.standing().due()));
    }
    return score;
  }

  /** Walked through again, then danced. */
  Score reminded(DanceForGroup dance) {
    Score score = new Score();
    LocalDate due = dance.standing().due().orElse(on);
    long weeks = Math.clamp(ChronoUnit.WEEKS.between(due, on), 0, MOST_WEEKS_OVERDUE);
    boolean rusty = dance.standing().stage() == Stage.RUSTY;
    score.add(
        PlanWeight.REMINDER.points()
            + (int) weeks * PlanWeight.OVERDUE.points()
            + (rusty ? PlanWeight.RUSTY.points() : 0),
        new PlanReason.Due(due, on, dance.standing().stage(), dance.reminderMinutes()));
    score.wishes(dance.wishes());
    return score;
  }

  /** The last dance of the evening. */
  Score finished(DanceForGroup dance) {
    Score end = new Score();
    int favourite =
        dance.standing().stage() == Stage.KNOWN
            ? PlanWeight.FAVOURITE.points()
            : PlanWeight.FAVOURITE.points() / 2;
    end.add(favourite, new PlanReason.KnownToEndOn());
    end.add(0, new PlanReason.Danced(dance.standing().stage(), dance.standing().strength()));
    end.wishes(dance.wishes());
    return end;
  }

  /**
   * A teach and its practice to music.
   *
   * @param minutes of the teach alone
   */
  int taught(NextDance.Pick pick, int minutes) {
    int wanted = wanted(pick.dance());
    return PlanWeight.TEACH.points()
        + pick.points() / 2
        + PlanWeight.TEACH_FITS.points() * Math.min(minutes, wanted) / wanted
        + (minutes >= wanted ? 0 : PlanWeight.TOO_LONG.points() / 2);
  }
}
