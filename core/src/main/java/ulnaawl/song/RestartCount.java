package ulnaawl.song;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.text.Severity;

/**
 * Whether a dance can restart after a count.
 *
 * @param after counts of the wall that are danced
 * @param section number of the section that it lies in
 * @param sectionCount the count within that section
 * @param turn how far the wall has turned by then
 * @param weight the weight then, before any change
 * @param verdict whether it is possible
 * @param change the step that takes the place of count {@code after}; empty where none is needed
 * @param cutFigure what is called for the figure that is cut in two; empty where none is
 */
public record RestartCount(
    int after,
    int section,
    int sectionCount,
    Turn turn,
    Weight weight,
    Verdict verdict,
    String change,
    String cutFigure) {

  /** Whether a restart is possible. */
  public enum Verdict {
    /** The right foot is free. */
    STRAIGHT,
    /** One step must be changed so that the right foot is free. */
    WITH_CHANGE,
    /** The wrong foot is free, and no small change mends it. */
    IMPOSSIBLE
  }

  public boolean isPossible() {
    return verdict != Verdict.IMPOSSIBLE;
  }

  /** The line of phrasing for a wall. */
  String phrase(int wall) {
    return "wall "
        + wall
        + ": restart after "
        + after
        + (change.isEmpty() ? "" : " changing " + after + ": " + change);
  }

  /** Every count of the first part but the last, each tried by the engine. */
  public static List<RestartCount> of(String stepText, FigureBook book) {
    DanceText bare = new DanceText(stepText, book).bare();
    Dance dance = bare.dance();
    Passage wall = dance.main();
    List<RestartCount> counts = new ArrayList<>();
    for (Section section : wall.sections()) {
      for (int after = section.start() + 1; after <= section.end(); after++) {
        if (after < wall.counts()) {
          counts.add(at(bare, book, dance, section, after));
        }
      }
    }
    return counts;
  }

  private static RestartCount at(
      DanceText bare, FigureBook book, Dance dance, Section section, int after) {
    Passage wall = dance.main();
    Weight weight = wall.weightAfter(after);
    boolean straight = weight.joins(dance.startWeight());
    Optional<String> change = straight ? Optional.empty() : change(bare, book, dance, after);
    Verdict verdict =
        straight ? Verdict.STRAIGHT : change.isPresent() ? Verdict.WITH_CHANGE : Verdict.IMPOSSIBLE;
    return new RestartCount(
        after,
        section.number(),
        after - section.start(),
        wall.turnAfter(after),
        weight,
        verdict,
        change.orElse(""),
        cutFigure(wall, after));
  }

  private static String cutFigure(Passage wall, int after) {
    List<Place> danced = wall.between(0, after);
    if (danced.isEmpty()) {
      return "";
    }
    Place last = danced.getLast();
    boolean goesOn =
        wall.between(after, wall.counts()).stream().anyMatch(place -> place.run() == last.run());
    return goesOn ? last.call().words() : "";
  }

  /** A touch or a closing step in place of the last count, with the same turn. */
  private static Optional<String> change(DanceText bare, FigureBook book, Dance dance, int after) {
    Passage wall = dance.main();
    Optional<Foot> free = wall.weightAfter(after - 1).freeFoot();
    if (free.isEmpty()) {
      return Optional.empty();
    }
    Turn turn =
        wall.between(after - 1, after).stream().map(Place::turn).reduce(Turn.NONE, Turn::plus);
    String turning = turn.isNone() ? "" : turn.label() + " ";
    String foot = free.get().letter();
    for (String step : List.of("touch " + foot + " together", "step " + foot + " together")) {
      String change = turning + step;
      if (mends(bare, book, dance, after, change)) {
        return Optional.of(change);
      }
    }
    return Optional.empty();
  }

  private static boolean mends(
      DanceText bare, FigureBook book, Dance dance, int after, String change) {
    String text =
        bare.text()
            + "\nphrasing\nwall 1: restart after "
            + after
            + " changing "
            + after
            + ": "
            + change
            + "\n";
    Compilation tried = DanceCompiler.compile(text, book);
    if (tried.diagnostics().stream().anyMatch(it -> it.severity() == Severity.ERROR)) {
      return false;
    }
    List<Place> changed = tried.dance().changes().values().stream().findFirst().orElse(List.of());
    Turn turn = changed.stream().map(Place::turn).reduce(Turn.NONE, Turn::plus);
    Turn written =
        dance.main().between(after - 1, after).stream()
            .map(Place::turn)
            .reduce(Turn.NONE, Turn::plus);
    return !changed.isEmpty()
        && changed.getLast().after().joins(dance.startWeight())
        && turn.net() == written.net();
  }
}
