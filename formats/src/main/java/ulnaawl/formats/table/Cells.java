package ulnaawl.formats.table;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How single values stand in a table. */
public final class Cells {

  private static final Pattern TIME =
      Pattern.compile("(?i)(\\d{1,2})[:.](\\d{2})(?:[:.]00)?\\s*(am|pm)?");

  private Cells() {}

  /** A word of a list: {@code DANCED_CALLED} as "danced called". */
  public static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /** The value that a word means; empty where it is none of them. */
  public static <E extends Enum<E>> Optional<E> read(Class<E> of, String word) {
    String wanted = word.strip().replaceAll("[\\s_-]+", " ");
    return Stream.of(of.getEnumConstants())
        .filter(it -> word(it).equalsIgnoreCase(wanted))
        .findFirst();
  }

  /** All words of a list, for a sentence. */
  public static <E extends Enum<E>> String words(Class<E> of) {
    return Stream.of(of.getEnumConstants()).map(Cells::word).collect(Collectors.joining(", "));
  }

  /** Tuesday, or its first letters, three or more, with a point after them or not. */
  public static Optional<DayOfWeek> weekday(String cell) {
    String word = cell.strip().toUpperCase(Locale.ROOT).replaceFirst("\\.$", "");
    return Stream.of(DayOfWeek.values())
        .filter(it -> word.length() >= 3 && it.name().startsWith(word))
        .findFirst();
  }

  /** 19:30, 19.30, 19:30:00 or 7:30 pm. */
  public static Optional<LocalTime> time(String cell) {
    Matcher parts = TIME.matcher(cell.strip());
    if (!parts.matches()) {
      return Optional.empty();
    }
    int hour = Integer.parseInt(parts.group(1));
    String half = parts.group(3);
    if (half != null) {
      if (hour < 1 || hour > 12) {
        return Optional.empty();
      }
      hour = hour % 12 + (half.equalsIgnoreCase("pm") ? 12 : 0);
    }
    try {
      return Optional.of(LocalTime.of(hour, Integer.parseInt(parts.group(2))));
    } catch (DateTimeException noTime) {
      return Optional.empty();
    }
  }

  /**
   * A whole number within bounds.
   *
   * @param otherwise where nothing stands
   * @return empty where it is none, or beyond the bounds
   */
  public static Optional<Integer> number(String cell, int otherwise, int least, int most) {
    if (cell.isBlank()) {
      return Optional.of(otherwise);
    }
    return cell.strip().matches("\\d{1,6}")
        ? Optional.of(Integer.parseInt(cell.strip())).filter(it -> it >= least && it <= most)
        : Optional.empty();
  }
}
