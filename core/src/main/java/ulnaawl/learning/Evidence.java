package ulnaawl.learning;

import java.time.LocalDate;
import java.util.Map;
import java.util.OptionalInt;
import ulnaawl.dance.SectionSet;

/**
 * What happened in class with one dance and one group.
 *
 * @param date when
 * @param happened what
 * @param sections what was danced, by the numbers that these sections have in the dance as it is
 *     read now; empty where none of them is there any more
 * @param outcome how it went
 * @param spots how single sections went, where that was said
 * @param percent the share of full speed at which it was danced, where that is known
 * @param minutes how long it took, where that is known
 */
public record Evidence(
    LocalDate date,
    Happened happened,
    SectionSet sections,
    Outcome outcome,
    Map<Integer, Outcome> spots,
    OptionalInt percent,
    OptionalInt minutes) {

  public Evidence {
    spots = Map.copyOf(spots);
    boolean tooFast = percent.isPresent() && (percent.getAsInt() < 1 || percent.getAsInt() > 100);
    boolean noTime = minutes.isPresent() && minutes.getAsInt() < 1;
    if (tooFast || noTime) {
      throw new IllegalArgumentException("At " + percent + " % in " + minutes + " minutes");
    }
  }

  /** An entry that says no more than what happened and how it went. */
  public static Evidence of(
      LocalDate date, Happened happened, SectionSet sections, Outcome outcome) {
    return new Evidence(
        date, happened, sections, outcome, Map.of(), OptionalInt.empty(), OptionalInt.empty());
  }

  /** Whether those who were there were shown something by it, and not only danced it. */
  boolean shows() {
    return happened.compareTo(Happened.WALKED) <= 0;
  }

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
