package ulnaawl.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Weeks of the club that have a theme.
 *
 * @param name as it is announced
 * @param from the first day
 * @param to the last day, on or after the first
 * @param tags words that a dance of the theme has: a tag of its own, its style, or one of its
 *     figures; lower case
 */
public record Theme(String name, LocalDate from, LocalDate to, Set<String> tags) {

  public Theme {
    tags = Set.copyOf(clean(tags));
    if (to.isBefore(from)) {
      throw new IllegalArgumentException("A theme from " + from + " to " + to);
    }
  }

  /** Tags as they are compared: lower case, without outer blanks, none empty, each once. */
  public static Set<String> clean(Iterable<String> words) {
    Set<String> clean = new TreeSet<>();
    words.forEach(it -> clean.add(it.strip().toLowerCase(Locale.ROOT)));
    clean.remove("");
    return clean;
  }

  /** Whether it is on a day. */
  public boolean isOn(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(to);
  }

  /** Whether a dance belongs to it. */
  public boolean fits(DanceFacts dance, Set<String> own) {
    return own.stream().anyMatch(tags::contains)
        || dance.style().filter(tags::contains).isPresent()
        || dance.figures().stream().anyMatch(tags::contains);
  }

  /** The name of the first theme on a day that a dance belongs to. */
  public static Optional<String> of(
      List<Theme> themes, LocalDate day, DanceFacts dance, Set<String> own) {
    return themes.stream()
        .filter(it -> it.isOn(day) && it.fits(dance, own))
        .map(Theme::name)
        .findFirst();
  }
}
