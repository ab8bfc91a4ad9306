package ulnaawl.handover;

import java.time.LocalDate;
import java.util.List;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Happened;
import ulnaawl.learning.Outcome;
import ulnaawl.people.PersonId;

/**
 * A class that was written down.
 *
 * @param leader who led it
 * @param done what was done with each dance, in order
 * @param missing regulars who were not there, by name; empty where no names are kept
 * @param note a word for whoever takes the next class; may be empty
 */
public record PastClass(
    LocalDate date, PersonId leader, List<Done> done, List<String> missing, String note) {

  public PastClass {
    done = List.copyOf(done);
    missing = List.copyOf(missing);
  }

  /**
   * What was done with a dance.
   *
   * @param shown the sections that it stands for
   * @param all how many sections the dance has
   * @param note what tripped people; may be empty
   */
  public record Done(
      long dance,
      String title,
      Happened happened,
      SectionSet shown,
      int all,
      Outcome outcome,
      String note) {}
}
