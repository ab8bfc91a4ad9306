package ulnaawl.server.groups;

import java.time.LocalDate;
import java.util.Optional;
import ulnaawl.dance.SectionSet;
import ulnaawl.dance.lineage.SectionKeys;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.server.dances.DanceVersion;

/**
 * Something that happened in a class, as it is stored.
 *
 * @param at the dance as its text stood then
 * @param classId the class it belongs to; empty where it was written by itself
 * @param shown sections by their numbers in that version; empty for the whole dance
 * @param note what tripped people, what to do next time; may be empty
 */
public record EvidenceRow(
    long id,
    long group,
    DanceVersion at,
    Optional<Long> classId,
    LocalDate date,
    Happened happened,
    Optional<SectionSet> shown,
    Outcome outcome,
    String by,
    String note) {

  /**
   * The same in the numbers that its sections have now.
   *
   * @param then which section is which in that version
   * @param now which section is which in the newest one
   */
  Evidence read(SectionKeys then, SectionKeys now) {
    SectionSet danced =
        Evidence.sections(happened, shown.orElse(SectionSet.NONE), then.keys().size());
    return Evidence.of(date, happened, then.in(now, danced), outcome, by);
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
      String note) {}
}
