package ulnaawl.server.exchange;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How single values stand in a table. */
public final class Cells {

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
