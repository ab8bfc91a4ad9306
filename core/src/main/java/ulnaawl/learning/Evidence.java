package ulnaawl.learning;

import java.time.LocalDate;

/**
 * What happened in class with one dance and one group.
 *
 * @param date when
 * @param happened what
 * @param sections the last section that was reached, 1 or more
 * @param outcome how it went
 * @param by who taught
 */
public record Evidence(
    LocalDate date, Happened happened, int sections, Outcome outcome, String by) {

  public Evidence {
    if (sections < 1) {
      throw new IllegalArgumentException("At least one section was reached");
    }
  }
}
