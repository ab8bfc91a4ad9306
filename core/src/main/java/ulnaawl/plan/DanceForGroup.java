package ulnaawl.plan;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.teach.lesson.TeachLength;

/**
 * A dance of the club as a planner sees it for one group.
 *
 * @param dance the dance's number
 * @param title its title
 * @param level its measured level
 * @param sections its sections
 * @param standing where the group stands with it
 * @param newFigures figures that the group has not met, by the club's words, sorted
 * @param teachMinutes minutes of a full teach in a live class, from where the group is
 * @param reminderMinutes minutes of a reminder walk-through in a live class
 * @param songMinutes minutes to dance it once to its song
 */
public record DanceForGroup(
    long dance,
    String title,
    Level level,
    int sections,
    Standing standing,
    List<String> newFigures,
    int teachMinutes,
    int reminderMinutes,
    int songMinutes) {

  /** Minutes of a song whose length is not known. Rule of thumb, no source. */
  public static final int USUAL_SONG_MINUTES = 4;

  public DanceForGroup {
    newFigures = List.copyOf(newFigures);
  }

  /**
   * Sees a dance for a group.
   *
   * @param dance without errors
   * @param met names of the figures that the group has met
   */
  public static DanceForGroup of(
      long number, DanceFacts dance, FigureBook book, Standing standing, Set<String> met) {
    int counts = dance.counts();
    boolean begun = standing.stage() == Stage.STARTED;
    int shown = begun ? dance.countsOf(standing.shown()) : 0;
    return new DanceForGroup(
        number,
        dance.title(),
        dance.level(),
        dance.sections().size(),
        standing,
        dance.newTo(met, book).stream().map(Figure::call).sorted().toList(),
        TeachLength.fullMinutes(Math.max(1, counts - shown)),
        TeachLength.reminderMinutes(counts),
        songMinutes(dance.songSeconds()));
  }

  private static int songMinutes(OptionalInt seconds) {
    return seconds.isPresent() ? (seconds.getAsInt() + 59) / 60 : USUAL_SONG_MINUTES;
  }

  /** Whether the group can dance it as a whole. */
  boolean isDanced() {
    return standing.stage().isLearned();
  }
}
