package ulnaawl.handover;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.SectionSet;
import ulnaawl.learning.Stage;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.wall.EventId;

/**
 * What whoever leads has to know of one planned dance.
 *
 * @param kinds what is done with it tonight, in order
 * @param minutes of the class that it takes
 * @param shown sections that the group has been shown
 * @param all how many sections it has
 * @param options which options this group dances, in words; may be empty
 * @param exceptions what has to be called besides the steps, with the walls on which it comes
 * @param watchOuts sections that are marked, with their notes
 * @param trouble sections that tripped this group last
 * @param last the last note of its record, if there is one
 */
public record DanceBrief(
    long dance,
    String title,
    List<Kind> kinds,
    int minutes,
    Stage stage,
    SectionSet shown,
    int all,
    String options,
    List<Called> exceptions,
    List<Mark> watchOuts,
    SectionSet trouble,
    Optional<Note> last) {

  public DanceBrief {
    kinds = List.copyOf(kinds);
    exceptions = List.copyOf(exceptions);
    watchOuts = List.copyOf(watchOuts);
  }

  /** Something that is called, and on which walls. */
  public record Called(EventId event, List<Integer> walls) {
    public Called {
      walls = List.copyOf(walls);
    }
  }

  /** A section that trips people up; the note may be empty. */
  public record Mark(int section, String note) {}

  /** A note of the record. */
  public record Note(LocalDate date, PersonId by, String text) {}
}
