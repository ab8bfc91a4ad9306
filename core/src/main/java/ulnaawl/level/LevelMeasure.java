package ulnaawl.level;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Echo;
import ulnaawl.dance.Place;
import ulnaawl.dance.Travel;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Stated;

/**
 * Measures how demanding a dance is: what its hardest figures ask for, lifted by length, turning,
 * syncopation, speed and what the phrasing adds. The table of points is a rule of thumb.
 */
public final class LevelMeasure {

  private static final int POINTS_A_LEVEL = 10;
  private static final int HARDEST = 3;

  private final Dance dance;
  private final LevelTable table;
  private final List<Place> places;
  private final List<Figure> figures;
  private final List<String> reasons = new ArrayList<>();

  private LevelMeasure(Dance dance, FigureBook book, LevelTable table) {
    this.dance = dance;
    this.table = table;
    this.places = dance.parts().stream().flatMap(part -> part.places().stream()).toList();
    this.figures =
        places.stream()
            .map(Place::figure)
            .distinct()
            .flatMap(name -> book.find(name).stream())
            .sorted(Comparator.comparing(Figure::level).reversed())
            .toList();
  }

  /** Measures a compiled dance by the shipped table. */
  public static MeasuredLevel of(Dance dance, FigureBook book) {
    return of(dance, book, LevelTable.standard());
  }

  /** Measures a compiled dance by a club's table. */
  public static MeasuredLevel of(Dance dance, FigureBook book, LevelTable table) {
    return new LevelMeasure(dance, book, table).measure();
  }

  private MeasuredLevel measure() {
    int points = figurePoints();
    points += add("length", dance.counts(), dance.counts() + " counts");
    points += add("distinct-figures", figures.size(), figures.size() + " different figures");
    points += add("syncopation", syncopation(), syncopation() + " % of the steps between counts");
    int turning = places.stream().mapToInt(place -> Math.abs(place.turn().eighths())).sum();
    points += add("turning", turning, turning / 8.0 + " turns danced in a wall");
    int largest = largestTurn();
    points += add("largest-turn", largest, "a turn of " + largest + "/8 in one figure");
    int tricks = (int) places.stream().filter(Place::isWithoutWeight).count();
    points += add("no-weight", tricks, tricks + " steps without weight");
    int changes = Travel.directionChanges(dance.main().places());
    points += add("direction-changes", changes, changes + " changes of direction");
    int restarts = walls(Phrase.RestartPhrase.class);
    points += add("restarts", restarts, restarts + (restarts == 1 ? " restart" : " restarts"));
    int tags = walls(Phrase.TagPhrase.class) + walls(Phrase.BridgePhrase.class);
    points += add("tags", tags, tags + (tags == 1 ? " tag or bridge" : " tags or bridges"));
    int parts = dance.isPhrased() ? dance.parts().size() : 1;
    points += add("parts", parts, parts + " parts in a written order");
    int rate = dance.countsPerMinute().map(tempo -> tempo.milliBpm() / 1000).orElse(0);
    points += add("count-rate", rate, rate + " counts a minute");
    int halves = Echo.of(dance).stream().mapToInt(echo -> echo.isHalf() ? 1 : 2).sum();
    points += add("repetition", halves, halves + " half sections that repeat or mirror others");
    points = Math.max(0, points);
    Level level = levelOf(points);
    reasons.add("Together " + points + " points: " + level.label());
    return new MeasuredLevel(level, points, reasons);
  }

  private int figurePoints() {
    List<Figure> hardest = figures.stream().limit(HARDEST).toList();
    int points =
        (int)
            Math.round(
                hardest.stream()
                    .mapToInt(figure -> figure.level().ordinal() * POINTS_A_LEVEL)
                    .average()
                    .orElse(0));
    reasons.add(
        "Figures alone: "
            + levelOf(points).label()
            + ", "
            + points
            + " points"
            + (hardest.isEmpty()
                ? ""
                : " (hardest: "
                    + String.join(", ", hardest.stream().map(Figure::name).toList())
                    + ")"));
    return points;
  }

  private int add(String key, int value, String what) {
    int points = table.points(key, value);
    if (points != 0) {
      String signed = points > 0 ? ": +" + points : ": " + points;
      reasons.add(Character.toUpperCase(what.charAt(0)) + what.substring(1) + signed);
    }
    return points;
  }

  /** Figures whose way over the floor leads back against that of the figure before. */
  private int syncopation() {
    long between = places.stream().filter(place -> !place.count().isWhole()).count();
    return places.isEmpty() ? 0 : (int) (between * 100 / places.size());
  }

  private int largestTurn() {
    int largest = 0;
    int turned = 0;
    int run = -1;
    for (Place place : places) {
      turned = place.run() == run ? turned + place.turn().eighths() : place.turn().eighths();
      run = place.run();
      largest = Math.max(largest, Math.abs(turned));
    }
    return largest;
  }

  private int walls(Class<? extends Phrase> kind) {
    return dance.script().phrasing().stream()
        .filter(kind::isInstance)
        .mapToInt(phrase ->
            switch (phrase) {
              case Phrase.RestartPhrase restart -> required(restart.optional(), restart.walls());
              case Phrase.TagPhrase tag -> required(tag.optional(), tag.walls());
              case Phrase.BridgePhrase bridge -> bridge.walls().size();
              default -> 0;
            })
        .sum();
  }

  private static int required(boolean optional, List<Stated<Integer>> walls) {
    return optional ? 0 : walls.size();
  }

  private static Level levelOf(int points) {
    int index = (points + POINTS_A_LEVEL / 2) / POINTS_A_LEVEL;
    Level[] levels = Level.values();
    return levels[Math.min(index, levels.length - 1)];
  }
}
