package ulnaawl.server.platform;

import java.time.LocalDate;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;

/**
 * The days that a club writes down, whatever it is that happens on them: from 1990 to ten years
 * from today. Others are slips of the hand, and a year of nine digits is none that a calendar can
 * be drawn for.
 */
@Component
@RequiredArgsConstructor
public final class ClubDays {

  private static final LocalDate FIRST = LocalDate.of(1990, 1, 1);
  private static final int YEARS_AHEAD = 10;

  private final Today today;

  /** Why a day is none of them, in words that end a sentence; empty for those that are. */
  public Optional<String> whyNot(LocalDate day) {
    LocalDate last = today.date().plusYears(YEARS_AHEAD);
    return day.isBefore(FIRST) || day.isAfter(last)
        ? Optional.of("days are from " + FIRST + " to " + last)
        : Optional.empty();
  }

  /**
   * Lets a day pass.
   *
   * @throws Problem where it is none of them
   */
  public LocalDate checked(LocalDate day) {
    whyNot(day)
        .ifPresent(why -> {
          throw Problem.rejected(day + " is no day of a club's: " + why + ".");
        });
    return day;
  }
}
