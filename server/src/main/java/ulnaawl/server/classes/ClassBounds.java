package ulnaawl.server.classes;

import java.time.LocalDate;
import ulnaawl.plan.ClassRequest;
import ulnaawl.server.platform.Problem;

/** When a class may be and how long it may last; anything else is a slip of the hand. */
final class ClassBounds {

  /** No evening that is sent has more lines. */
  static final int MOST_SENT = 200;

  private static final int YEARS = 2;

  private ClassBounds() {}

  static void check(LocalDate date, LocalDate today) {
    if (date.isBefore(today.minusYears(YEARS)) || date.isAfter(today.plusYears(YEARS))) {
      throw Problem.rejected("A class lies within two years of today, not on " + date + ".");
    }
  }

  static void check(int minutes) {
    if (minutes < ClassRequest.LEAST_MINUTES || minutes > ClassRequest.MOST_MINUTES) {
      throw Problem.rejected(
          "A class lasts "
              + ClassRequest.LEAST_MINUTES
              + " to "
              + ClassRequest.MOST_MINUTES
              + " minutes, not "
              + minutes
              + ".");
    }
  }
}
