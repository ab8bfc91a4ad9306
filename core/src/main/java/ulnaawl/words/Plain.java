package ulnaawl.words;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import ulnaawl.dance.SectionSet;

/** English plurals, lists and dates, each in one place. */
public final class Plain {

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

  private Plain() {}

  /** {@code 1 day}, {@code 3 days}. */
  public static String many(long number, String one) {
    return many(number, one, one + "s");
  }

  /** {@code 1 person}, {@code 3 people}. */
  public static String many(long number, String one, String more) {
    return number + " " + (number == 1 ? one : more);
  }

  /** {@code a}, {@code a and b}, {@code a, b and c}. */
  public static String list(List<String> words) {
    if (words.size() < 2) {
      return String.join("", words);
    }
    return String.join(", ", words.subList(0, words.size() - 1)) + " and " + words.getLast();
  }

  /** {@code 4 March}. */
  public static String day(LocalDate date) {
    return DAY.format(date);
  }

  /** Counts in a row: {@code count 5}, {@code counts 5-8}. */
  static String counts(int from, int to) {
    return from == to ? "count " + from : "counts " + from + "-" + to;
  }

  /** {@code section 3}, {@code sections 1 to 3}, {@code sections 1 to 3 and 5}. */
  static String sections(SectionSet sections) {
    List<String> runs =
        sections.runs().stream()
            .flatMap(run ->
                run.size() < 3
                    ? run.stream().map(String::valueOf)
                    : java.util.stream.Stream.of(run.getFirst() + " to " + run.getLast()))
            .toList();
    return (sections.size() == 1 ? "section " : "sections ") + list(runs);
  }

  /** Tenths as a number: {@code 3}, {@code 2.5}. */
  static String tenths(int tenths) {
    return tenths / 10 + (tenths % 10 == 0 ? "" : "." + Math.abs(tenths % 10));
  }

  static String capital(String words) {
    return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
