package ulnaawl.dance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;
import ulnaawl.music.Count;

/**
 * A figure as it is danced: the places of one run, in order of time.
 *
 * @param places at least one
 */
public record DancedFigure(List<Place> places) {

  public DancedFigure {
    places = List.copyOf(places);
    if (places.isEmpty()) {
      throw new IllegalArgumentException("A figure has at least one place");
    }
  }

  /** The figures of some places, in order; one that is cut at an end is there with what is left. */
  public static List<DancedFigure> of(List<Place> places) {
    return split(places, (one, next) -> one.run() == next.run());
  }

  /** The figures that some places are, however they were written: by {@link Place#known}. */
  public static List<DancedFigure> known(List<Place> places) {
    return split(
        places, (one, next) -> one.known().equals(next.known()) && one.section() == next.section());
  }

  private static List<DancedFigure> split(
      List<Place> places, BiPredicate<Place, Place> belongTogether) {
    List<DancedFigure> figures = new ArrayList<>();
    int start = 0;
    for (int i = 1; i <= places.size(); i++) {
      if (i == places.size() || !belongTogether.test(places.get(i - 1), places.get(i))) {
        figures.add(new DancedFigure(places.subList(start, i)));
        start = i;
      }
    }
    return figures;
  }

  /** What is called for some places, in order; what is said in one breath is one call. */
  public static List<String> calls(List<Place> places) {
    return breaths(places).stream()
        .map(breath -> Call.together(breath.stream().map(DancedFigure::call).toList()))
        .toList();
  }

  /** Figures by what is called at once: most stand alone, bumps in a row do not. */
  public static List<List<DancedFigure>> breaths(List<Place> places) {
    List<List<DancedFigure>> breaths = new ArrayList<>();
    for (DancedFigure figure : of(places)) {
      boolean goesOn =
          !breaths.isEmpty()
              && figure.call().isSaidTogether()
              && breaths.getLast().getFirst().call().isSaidTogether()
              && breaths.getLast().getFirst().name().equals(figure.name());
      if (goesOn) {
        breaths.getLast().add(figure);
      } else {
        breaths.add(new ArrayList<>(List.of(figure)));
      }
    }
    return breaths;
  }

  public Place first() {
    return places.getFirst();
  }

  /** Name of the figure in the figure book. */
  public String name() {
    return first().figure();
  }

  public Call call() {
    return first().call();
  }

  /** Its places in time, counted within its section. */
  public List<Count> counts() {
    return places.stream().map(Place::count).toList();
  }

  /** The foot of its first place. */
  public Optional<Foot> foot() {
    return first().foot();
  }

  /** The furthest that the body is turned from where the figure began, in eighths, 0 or more. */
  public int largestTurn() {
    int largest = 0;
    int turned = 0;
    for (Place place : places) {
      turned += place.turn().eighths();
      largest = Math.max(largest, Math.abs(turned));
    }
    return largest;
  }

  /** The turn of all its places together. */
  public Turn turn() {
    return places.stream().map(Place::turn).reduce(Turn.NONE, Turn::plus);
  }
}
