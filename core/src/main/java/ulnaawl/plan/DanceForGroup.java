package ulnaawl.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.learning.RestsOn;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.plan.solve.ClassBlock.Speed;
import ulnaawl.teach.lesson.TeachLength;

/**
 * A dance of the club as a planner sees it for one group.
 *
 * @param dance the dance's number
 * @param title its title
 * @param level its measured level
 * @param style its style, where its sheet says one
 * @param speed how fast it is danced
 * @param effort 0 to 100
 * @param sections its sections
 * @param standing where the group stands with it
 * @param newFigures figures that the group has not met, by the club's words, sorted
 * @param missing what these rest on and the group has not met either
 * @param knownShare share of its figures that the group has met, in percent
 * @param teachMinutes minutes of a full teach in a live class, from where the group is
 * @param reminderMinutes minutes of a reminder walk-through in a live class
 * @param songMinutes minutes to dance it once to its song
 * @param hasSong whether a song with its length is there
 * @param wishes what people want of it
 */
public record DanceForGroup(
    long dance,
    String title,
    Level level,
    Optional<String> style,
    Speed speed,
    int effort,
    int sections,
    Standing standing,
    List<String> newFigures,
    List<RestsOn> missing,
    int knownShare,
    int teachMinutes,
    int reminderMinutes,
    int songMinutes,
    boolean hasSong,
    Wishes wishes) {

  /** Minutes of a song whose length is not known. Rule of thumb, no source. */
  public static final int USUAL_SONG_MINUTES = 4;

  public DanceForGroup {
    newFigures = List.copyOf(newFigures);
    missing = List.copyOf(missing);
  }

  /**
   * Sees a dance for a group.
   *
   * @param dance without errors
   * @param met names of the figures that the group has met
   */
  public static DanceForGroup of(
      long number,
      DanceFacts dance,
      FigureBook book,
      Standing standing,
      Set<String> met,
      Wishes wishes) {
    int counts = dance.counts();
    boolean begun =
        standing.stage() == Stage.STARTED && !standing.shown().isWhole(dance.sections().size());
    int shown = begun ? dance.countsOf(standing.shown()) : 0;
    List<Figure> news = dance.newTo(met, book);
    Set<String> withNews = new HashSet<>(met);
    news.forEach(it -> withNews.add(it.name()));
    long known = dance.figures().stream().filter(met::contains).count();
    return new DanceForGroup(
        number,
        dance.title(),
        dance.level(),
        dance.style(),
        dance.speed(),
        dance.effort(),
        dance.sections().size(),
        standing,
        news.stream().map(Figure::call).sorted().toList(),
        news.stream().flatMap(it -> RestsOn.missing(it.name(), withNews).stream()).toList(),
        (int) (100 * known / Math.max(1, dance.figures().size())),
        TeachLength.fullMinutes(Math.max(1, counts - shown)),
        TeachLength.reminderMinutes(counts),
        dance.songMinutes(),
        dance.songSeconds().isPresent(),
        wishes);
  }

  /** The same, whatever the term has. */
  DanceForGroup outsideTerm() {
    return new DanceForGroup(
        dance,
        title,
        level,
        style,
        speed,
        effort,
        sections,
        standing,
        newFigures,
        missing,
        knownShare,
        teachMinutes,
        reminderMinutes,
        songMinutes,
        hasSong,
        wishes.outsideTerm());
  }

  /** Whether the group can dance it as a whole. */
  boolean isDanced() {
    return standing.stage().isLearned();
  }
}
