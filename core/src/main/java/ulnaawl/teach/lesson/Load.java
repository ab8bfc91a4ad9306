package ulnaawl.teach.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Echo;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Travel;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.WeightEffect;

/**
 * How hard a section is to learn for a group, in tenths of a plain count: eight walking counts are
 * 80. The constants, with their reasons, stand in {@code load.txt}; rules of thumb, no source.
 *
 * @param tenths the sum, 1 or more
 * @param parts what it is made of, in order
 */
public record Load(int tenths, List<Part> parts) {

  private static final int CALM = 110_000;
  private static final int PERCENT = 100;

  public Load {
    parts = List.copyOf(parts);
  }

  /**
   * A part of a load.
   *
   * @param tenths tenths of a plain count; less than 0 where it makes the section easier
   */
  public record Part(LoadReason reason, int tenths) {}

  /** In plain counts, rounded. */
  public int plainCounts() {
    return (tenths + 5) / 10;
  }

  /** The loads of all sections by number, for a group that has met every figure. */
  public static Map<Integer, Load> all(Dance dance, FigureBook book) {
    List<Echo> echoes = Echo.of(dance);
    Set<String> met = Set.copyOf(dance.figures());
    return dance.sections().stream()
        .collect(
            Collectors.toMap(
                Section::number, section -> of(section, dance, echoes, book, met, false)));
  }

  /**
   * The load of a section.
   *
   * @param echoes what repeats and mirrors in the dance
   * @param met names of the figures that the group has met
   * @param watchOut whether an instructor has marked it
   */
  static Load of(
      Section section,
      Dance dance,
      List<Echo> echoes,
      FigureBook book,
      Set<String> met,
      boolean watchOut) {
    Sum sum = new Sum();
    List<Place> places = section.places();
    int held = (int) places.stream().filter(Load::isStill).count();
    int between = (int) places.stream().filter(place -> !place.count().isWhole()).count();
    int moving = places.size() - held - between;
    sum.add(moving, LoadReason.What.PLACES);
    sum.add(held, LoadReason.What.HOLDS);
    sum.add(between, LoadReason.What.BETWEEN_COUNTS);
    int eighths = places.stream().mapToInt(place -> Math.abs(place.turn().eighths())).sum();
    sum.add(eighths, LoadReason.What.EIGHTHS_OF_TURN);
    int free = (int) places.stream().filter(Place::isWithoutWeight).count();
    sum.add(free, LoadReason.What.NO_WEIGHT);
    sum.add(Travel.directionChanges(places), LoadReason.What.DIRECTION_CHANGES);
    for (Figure figure : news(section, book, met)) {
      int more = figure.level().ordinal() * RulesOfThumb.LOAD.get("new-level");
      sum.put(new LoadReason.NewFigure(figure.call()), RulesOfThumb.LOAD.get("new-figure") + more);
    }
    dance
        .countsPerMinute()
        .ifPresent(rate -> {
          int over = Math.max(0, (rate.milliBpm() - CALM) / 1000);
          sum.percent(
              PERCENT + over * RulesOfThumb.LOAD.get("fast") / 10, new LoadReason.Fast(rate));
        });
    echo(echoes, section)
        .ifPresent(echo -> {
          boolean mirrored = echo.kind() == Echo.Kind.MIRRORS;
          if (echo.isHalf()) {
            sum.percent(RulesOfThumb.LOAD.get("half-repeats"), new LoadReason.HalfEchoes(mirrored));
          } else {
            sum.percent(
                RulesOfThumb.LOAD.get(mirrored ? "mirrors" : "repeats"),
                new LoadReason.Echoes(echo.of().number(), mirrored));
          }
        });
    if (watchOut) {
      sum.percent(PERCENT + RulesOfThumb.LOAD.get("watch-out"), new LoadReason.Marked());
    }
    return new Load(Math.max(1, sum.tenths), sum.parts);
  }

  private static final class Sum {
    private final List<Part> parts = new ArrayList<>();
    private int tenths;

    void add(int number, LoadReason.What what) {
      if (number > 0) {
        put(new LoadReason.Counted(what, number), number * RulesOfThumb.LOAD.get(what.key()));
      }
    }

    void put(LoadReason reason, int more) {
      parts.add(new Part(reason, more));
      tenths += more;
    }

    void percent(int percent, LoadReason reason) {
      int more = tenths * percent / PERCENT - tenths;
      if (more != 0) {
        put(reason, more);
      }
    }
  }

  /** The figures of a section that the group has not met; single steps are nobody's news. */
  public static List<Figure> news(Section section, FigureBook book, Set<String> met) {
    return section.figures().stream()
        .filter(name -> !met.contains(name))
        .flatMap(name -> book.find(name).stream())
        .filter(figure -> !figure.isElementary())
        .toList();
  }

  private static Optional<Echo> echo(List<Echo> echoes, Section section) {
    return echoes.stream().filter(echo -> echo.section().number() == section.number()).findFirst();
  }

  private static boolean isStill(Place place) {
    return place.action().effect() == WeightEffect.STILL;
  }
}
