package ulnaawl.level;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;

/**
 * How much trouble a section is, in plain counts: eight walking counts are 8, everything that asks
 * for attention adds to it. Rule of thumb, no source.
 *
 * @param plainCounts the sum
 * @param reasons what it is made of, in words and numbers
 */
public record SectionLoad(int plainCounts, List<String> reasons) {

  public SectionLoad {
    reasons = List.copyOf(reasons);
  }

  /** Measures a section. */
  public static SectionLoad of(Section section, FigureBook book) {
    List<String> reasons = new ArrayList<>();
    reasons.add(section.counts() + " counts");
    int sum = section.counts();
    int between = (int) section.places().stream().filter(place -> !place.count().isWhole()).count();
    sum += add(reasons, between, "steps between counts");
    int tricks = (int) section.places().stream().filter(Place::isWithoutWeight).count();
    sum += add(reasons, tricks / 2, "for " + tricks + " steps without weight");
    int turned =
        section.places().stream().mapToInt(place -> Math.abs(place.turn().eighths())).sum();
    sum += add(reasons, turned, "for " + turned + " eighths of a turn");
    int figures =
        section.places().stream()
            .map(Place::figure)
            .distinct()
            .flatMap(name -> book.find(name).stream())
            .map(Figure::level)
            .mapToInt(level -> level.ordinal())
            .sum();
    sum += add(reasons, figures, "for the level of its figures");
    return new SectionLoad(sum, reasons);
  }

  private static int add(List<String> reasons, int more, String what) {
    if (more > 0) {
      reasons.add("+" + more + " " + what);
    }
    return more;
  }
}
