package ulnaawl.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.figure.Level;

/**
 * A class to plan.
 *
 * @param date when it is
 * @param minutes how long it lasts, {@link #LEAST_MINUTES} to {@link #MOST_MINUTES}
 * @param level the group's level
 * @param dances all dances of the club, as this group stands with them
 * @param locks what stands already; the rest is planned around it
 * @param leftOut numbers of dances that somebody does not want tonight
 */
public record ClassRequest(
    LocalDate date,
    int minutes,
    Level level,
    List<DanceForGroup> dances,
    List<Lock> locks,
    Set<Long> leftOut) {

  /** The shortest class that is planned. */
  public static final int LEAST_MINUTES = 20;

  /** The longest class that is planned. */
  public static final int MOST_MINUTES = 240;

  /**
   * A line that stays.
   *
   * @param start minutes from the start of the class
   * @param dance the dance, where it has one
   */
  public record Lock(
      int start,
      int minutes,
      ClassLine.Kind kind,
      Optional<Long> dance,
      ClassLine.Subject subject) {
    public Lock {
      if (start < 0 || minutes < 1) {
        throw new IllegalArgumentException("A line of " + minutes + " minutes from " + start);
      }
    }

    /** The minute after its last. */
    int end() {
      return start + minutes;
    }

    /** Whether this is a teach and the other one the practice of its dance straight after it. */
    boolean isPractisedIn(Lock next) {
      return kind == ClassLine.Kind.TEACH
          && next.kind == ClassLine.Kind.PRACTICE
          && next.start == end()
          && dance.isPresent()
          && next.dance.equals(dance);
    }

    /** The same for so many minutes. */
    Lock lasting(int others) {
      return new Lock(start, others, kind, dance, subject);
    }

    /** The same dance, danced and no more. */
    Lock danced() {
      return new Lock(start, minutes, ClassLine.Kind.PRACTICE, dance, subject);
    }

    /** The practice of its dance, straight after it. */
    Lock practised(int practice) {
      return new Lock(end(), practice, ClassLine.Kind.PRACTICE, dance, subject);
    }
  }

  /** A class with nothing settled yet. */
  public static ClassRequest of(
      LocalDate date, int minutes, Level level, List<DanceForGroup> dances) {
    return new ClassRequest(date, minutes, level, dances, List.of(), Set.of());
  }

  public ClassRequest {
    dances = List.copyOf(dances);
    locks = List.copyOf(locks);
    leftOut = Set.copyOf(leftOut);
    if (minutes < LEAST_MINUTES || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException("A class lasts 20 to 240 minutes, not " + minutes);
    }
    int free = 0;
    for (Lock lock : locks) {
      if (lock.start() < free || lock.start() + lock.minutes() > minutes) {
        throw new IllegalArgumentException("Lines that stay must not overlap: " + locks);
      }
      free = lock.start() + lock.minutes();
    }
  }

  /** With other lines that stay, in order. */
  public ClassRequest with(List<Lock> others) {
    return new ClassRequest(date, minutes, level, dances, others, leftOut);
  }
}
