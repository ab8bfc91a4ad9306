package ulnaawl.server.learning;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import ulnaawl.dance.SectionSet;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;
import ulnaawl.server.dances.DanceVersion;

/**
 * Something that happened in a class, as it is stored.
 *
 * @param at the dance as its text stood then
 * @param classId the class it belongs to; empty where it was written by itself
 * @param shown sections by their numbers in that version; empty for the whole dance
 * @param note what tripped people, what to do next time; may be empty
 * @param details what else is known
 */
public record EntryRow(
    long id,
    long group,
    DanceVersion at,
    Optional<Long> classId,
    LocalDate date,
    Happened happened,
    Optional<SectionSet> shown,
    Outcome outcome,
    PersonId by,
    String note,
    Details details) {

  /** Who led: who was named, else who wrote it down. */
  public PersonId leader() {
    return details.ledBy().orElse(by);
  }

  /**
   * The same in the numbers that its sections have now.
   *
   * @param then which section is which in that version
   * @param now which section is which in the newest one
   */
  Evidence read(SectionKeys then, SectionKeys now) {
    SectionSet danced =
        Evidence.sections(happened, shown.orElse(SectionSet.NONE), then.keys().size());
    Map<Integer, Outcome> spots = new TreeMap<>();
    details
        .spots()
        .forEach((section, how) ->
            then.in(now, SectionSet.between(section, section))
                .numbers()
                .forEach(it -> spots.put(it, how)));
    return new Evidence(
        date,
        happened,
        then.in(now, danced),
        outcome,
        spots,
        number(details.percent()),
        number(details.minutes()));
  }

  private static OptionalInt number(Optional<Integer> known) {
    return known.map(OptionalInt::of).orElseGet(OptionalInt::empty);
  }

  /** Something that is about to be stored. */
  public record Fresh(
      long group,
      DanceVersion at,
      Optional<Long> classId,
      LocalDate date,
      Happened happened,
      SectionSet shown,
      Outcome outcome,
      String note,
      Details details) {}

  /**
   * What else is known of an entry.
   *
   * @param spots how single sections went, by their numbers in that version
   * @param percent the share of full speed at which it was danced, 1 to 100
   * @param minutes how long it took, 1 to 240
   * @param options which options this group dances, in words; may be empty
   * @param ledBy who led, where it was not who wrote it down
   * @param byItself whether a run-through or a teach noted it as it went on
   */
  public record Details(
      Map<Integer, Outcome> spots,
      Optional<Integer> percent,
      Optional<Integer> minutes,
      String options,
      Optional<PersonId> ledBy,
      boolean byItself) {

    /** Nothing else is known. */
    public static final Details NONE =
        new Details(Map.of(), Optional.empty(), Optional.empty(), "", Optional.empty(), false);

    public Details {
      spots = Map.copyOf(spots);
    }
  }
}
