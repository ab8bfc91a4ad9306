package ulnaawl.level;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import ulnaawl.dance.Dance;
import ulnaawl.dance.DancedFigure;
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
  private final List<LevelReason> reasons = new ArrayList<>();

  private LevelMeasure(Dance dance, FigureBook book, LevelTable table) {
    this.dance = dance;
    this.table = table;
    this.places = new ArrayList<>();
    dance.parts().forEach(part -> places.addAll(part.places()));
    this.figures = new ArrayList<>();
    dance.figures().forEach(name -> book.find(name).ifPresent(figures::add));
    figures.sort(Comparator.comparing(Figure::level).reversed());
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
    List<LevelReason.Factor> lifts = new ArrayList<>();
    for (LevelFactor factor : LevelFactor.values()) {
      int value = value(factor);
      int more = table.points(factor.key(), value);
      if (more != 0) {
        lifts.add(new LevelReason.Factor(factor, value, more));
      }
    }
    lifts.sort(Comparator.comparingInt(LevelReason.Factor::points).reversed());
    for (int i = 0; i < lifts.size(); i++) {
      LevelReason.Factor lift = lifts.get(i);
      int counted = counted(lift.points(), i);
      if (counted != 0) {
        reasons.add(new LevelReason.Factor(lift.factor(), lift.value(), counted));
        points += counted;
      }
    }
    points = Math.max(0, points);
    Level level = levelOf(points);
    reasons.add(new LevelReason.Sum(points, level, toNext(points, level)));
    return new MeasuredLevel(level, points, reasons);
  }

  /**
   * What a lift adds beside the others, the largest first: difficulties do not stack without bound.
   * The first counts in full, the next two half, the rest a quarter; what makes a dance easier
   * counts in full. Rule of thumb, no source.
   */
  private static int counted(int points, int place) {
    if (points < 0 || place == 0) {
      return points;
    }
    int share = place <= 2 ? 2 : 4;
    return (points + share / 2) / share;
  }

  private int value(LevelFactor factor) {
    return switch (factor) {
      case LENGTH -> dance.counts();
      case DISTINCT_FIGURES -> figures.size();
      case SYNCOPATION -> syncopation();
      case TURNING -> places.stream().mapToInt(place -> Math.abs(place.turn().eighths())).sum();
      case LARGEST_TURN ->
          DancedFigure.known(places).stream().mapToInt(DancedFigure::largestTurn).max().orElse(0);
      case NO_WEIGHT -> (int) places.stream().filter(Place::isWithoutWeight).count();
      case DIRECTION_CHANGES -> Travel.directionChanges(dance.main().places());
      case RESTARTS -> walls(Phrase.RestartPhrase.class);
      case TAGS -> walls(Phrase.TagPhrase.class) + walls(Phrase.BridgePhrase.class);
      case PARTS -> dance.isPhrased() ? dance.parts().size() : 1;
      case COUNT_RATE -> dance.countsPerMinute().map(tempo -> tempo.milliBpm() / 1000).orElse(0);
      case REPETITION -> Echo.of(dance).stream().mapToInt(echo -> echo.isHalf() ? 1 : 2).sum();
    };
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
        new LevelReason.Figures(
            levelOf(points), points, hardest.stream().map(Figure::name).toList()));
    return points;
  }

  private int syncopation() {
    long between = places.stream().filter(place -> !place.count().isWhole()).count();
    return places.isEmpty() ? 0 : (int) (between * 100 / places.size());
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

  private static OptionalInt toNext(int points, Level level) {
    int next = (level.ordinal() + 1) * POINTS_A_LEVEL - POINTS_A_LEVEL / 2;
    return level.ordinal() + 1 < Level.values().length
        ? OptionalInt.of(next - points)
        : OptionalInt.empty();
  }

  private static Level levelOf(int points) {
    int index = (points + POINTS_A_LEVEL / 2) / POINTS_A_LEVEL;
    Level[] levels = Level.values();
    return levels[Math.min(index, levels.length - 1)];
  }
}
