package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.notation.Block.ExtraKind;

/** A line above steps. */
sealed interface Heading {

  /**
   * Of a section.
   *
   * @param range the counts that it has, where the heading says so
   * @param title may be empty
   */
  record OfSection(Optional<Range> range, String title) implements Heading {}

  /** Of a part of a phrased dance. */
  record OfPart(String name, String rest) implements Heading {}

  /**
   * Of a tag, bridge or ending.
   *
   * @param rest what else the line says, as on which wall
   */
  record OfExtra(ExtraKind kind, String name, String rest) implements Heading {}

  /** Counts, both inclusive. */
  record Range(int from, int to) {
    int length() {
      return to - from + 1;
    }
  }

  /** Reads a line as a heading; none where it is another line. */
  static Optional<Heading> of(String text) {
    return Headings.read(text);
  }

  /** The forms that headings have. */
  final class Headings {

    private static final int CASE = Pattern.CASE_INSENSITIVE;
    private static final String NUMBER =
        "(?:[A-H]?\\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten|[ivx]{1,4})";
    private static final String ORDINAL =
        "(?:\\d{1,2}(?:st|nd|rd|th)|first|second|third|fourth|fifth|sixth|seventh|eighth|last|final)";
    private static final String END = "(?:\\s*[:.)–—-]+\\s*|\\s+|$)";
    private static final Pattern NUMBERED =
        Pattern.compile(
            "^[\\[(]?(?:section|sect|sec|set|block|part|phrase|eight|s)\\s*[.#-]?\\s*"
                + NUMBER
                + "\\b[\\])]?"
                + END
                + "(.*)$",
            CASE);
    private static final Pattern LETTERED = Pattern.compile("^[A-H]\\d{1,2}\\s*[:.)–—-]\\s*(.*)$");
    private static final Pattern NTH =
        Pattern.compile("^" + ORDINAL + "\\s+(?:section|eight|8|set)\\b" + END + "(.*)$", CASE);
    private static final String FROM_TO = "(\\d{1,3})\\s*(?:-|–|—|to)\\s*(\\d{1,3})";
    private static final Pattern RANGE =
        Pattern.compile(
            "^(?:counts?\\s*)?(?:[\\[(]\\s*(?:counts?\\s*)?"
                + FROM_TO
                + "\\s*(?:counts?)?\\s*[\\])]|"
                + FROM_TO
                + ")\\s*(?:counts?)?\\s*[:.–—-]?\\s*(.*)$",
            CASE);
    private static final Pattern PART =
        Pattern.compile("^part\\s+([A-H])\\b\\s*(?:[:.–—-]\\s*)?(.*)$", CASE);
    private static final Pattern EXTRA =
        Pattern.compile(
            "^(?:the\\s+)?(tag|bridge|ending|finish|finale)s?\\b"
                + "(?:\\s*#?(?-i:(\\d{1,2}|[A-D]|[IV]{1,3}))\\b(?!\\s*(?:counts?|times?|x)))?"
                + "\\s*(?:[:.–—-]\\s*)?(.*)$",
            CASE);
    private static final List<Integer> LENGTHS = List.of(8, 6);

    private Headings() {}

    private static Optional<Heading> read(String text) {
      Matcher part = PART.matcher(text);
      if (part.matches()) {
        return Optional.of(
            new OfPart(part.group(1).toUpperCase(Locale.ROOT), part.group(2).strip()));
      }
      Matcher numbered = NUMBERED.matcher(text);
      if (numbered.matches()) {
        return Optional.of(section(numbered.group(1)));
      }
      Matcher lettered = LETTERED.matcher(text);
      if (lettered.matches()) {
        return Optional.of(section(lettered.group(1)));
      }
      Matcher nth = NTH.matcher(text);
      if (nth.matches()) {
        return Optional.of(section(nth.group(1)));
      }
      Matcher extra = EXTRA.matcher(text);
      if (extra.matches()) {
        String name = extra.group(2) == null ? "" : extra.group(2);
        return Optional.of(new OfExtra(kind(extra.group(1)), name, extra.group(3).strip()));
      }
      return range(text)
          .filter(it -> LENGTHS.contains(it.range().orElseThrow().length()))
          .filter(
              it -> (it.range().orElseThrow().from() - 1) % it.range().orElseThrow().length() == 0)
          .map(it -> it);
    }

    private static OfSection section(String rest) {
      return range(rest)
          .filter(it -> it.range().orElseThrow().length() >= LENGTHS.getLast())
          .orElseGet(() -> new OfSection(Optional.empty(), rest.strip()));
    }

    private static Optional<OfSection> range(String text) {
      Matcher range = RANGE.matcher(text);
      if (!range.matches()) {
        return Optional.empty();
      }
      int group = range.group(1) == null ? 3 : 1;
      int from = Integer.parseInt(range.group(group));
      int to = Integer.parseInt(range.group(group + 1));
      return from < 1 || to <= from
          ? Optional.empty()
          : Optional.of(new OfSection(Optional.of(new Range(from, to)), range.group(5).strip()));
    }

    private static ExtraKind kind(String word) {
      return switch (word.toLowerCase(Locale.ROOT)) {
        case "tag" -> ExtraKind.TAG;
        case "bridge" -> ExtraKind.BRIDGE;
        default -> ExtraKind.ENDING;
      };
    }
  }
}
