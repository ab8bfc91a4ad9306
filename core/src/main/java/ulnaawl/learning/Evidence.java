package ulnaawl.learning;

import java.time.LocalDate;
import ulnaawl.dance.SectionSet;

/**
 * What happened in class with one dance and one group.
 *
 * @param date when
 * @param happened what
 * @param sections what was danced, by the numbers that these sections have in the dance as it is
 *     read now; empty where none of them is there any more
 * @param outcome how it went
 * @param by who taught
 */
public record Evidence(
    LocalDate date, Happened happened, SectionSet sections, Outcome outcome, String by) {

  /**
   * The sections that an entry stands for: those that were shown, or the whole dance where it was
   * taught to the end or danced. Common practice, no source.
   *
   * @param shown what somebody marked; only heard where the dance was introduced
   * @param all sections of the dance
   */
  public static SectionSet sections(Happened happened, SectionSet shown, int all) {
    return happened == Happened.INTRODUCED ? shown : SectionSet.upTo(all);
  }
}
