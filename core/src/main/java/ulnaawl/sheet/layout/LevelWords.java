package ulnaawl.sheet.layout;

import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ulnaawl.figure.Level;

/**
 * The level that a line states.
 *
 * @param level the nearest of ours
 * @param said the sheet's own words
 * @param exact whether these name it
 * @param rest the line without them
 */
record LevelWords(Level level, String said, boolean exact, String rest) {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Map<String, String> SHORT =
      Map.of(
          "ab",
          "absolute beginner",
          "beg",
          "beginner",
          "abs beg",
          "absolute beginner",
          "imp",
          "improver",
          "int",
          "intermediate",
          "adv",
          "advanced");
  private static final String LEVELS =
      String.join("|", names().map(Pattern::quote).toList()).replace(" ", "\\E[\\s/-]+\\Q");
  private static final Pattern LABELLED_LEVEL =
      Pattern.compile(
          "\\blevel\\s*[:=-]\\s*([A-Za-z/ -]+?)(?=\\s*(?:[,;.(]|counts?\\b|walls?\\b|\\d|$))",
          CASE);
  private static final Pattern LEVEL =
      Pattern.compile("\\b(" + LEVELS + ")\\b(?:\\s+(?:level|line dance|dance))*", CASE);

  private static final Pattern ABBREVIATED =
      Pattern.compile("(?<![\\p{L}'])(abs\\.? beg|ab|beg|imp|int|adv)\\b\\.?(?!\\p{L})", CASE);

  /** The level in a line of the head; none where it states none. */
  static Optional<LevelWords> in(String line) {
    Matcher labelled = LABELLED_LEVEL.matcher(line);
    if (labelled.find()) {
      String said = labelled.group(1).strip();
      String rest = SheetFacts.without(line, labelled);
      Optional<Level> exact = named(said);
      Matcher within = LEVEL.matcher(said);
      if (exact.isPresent()) {
        return exact.map(level -> new LevelWords(level, said, true, rest));
      }
      return within.find()
          ? named(within.group(1)).map(level -> new LevelWords(level, said, false, rest))
          : Optional.empty();
    }
    Matcher found = LEVEL.matcher(line);
    if (found.find()) {
      return named(found.group(1))
          .map(level ->
              new LevelWords(level, found.group(1), true, SheetFacts.without(line, found)));
    }
    Matcher abbreviated = ABBREVIATED.matcher(line);
    if (abbreviated.find()) {
      String word = abbreviated.group(1).toLowerCase(Locale.ROOT).replace(".", "");
      return Level.named(SHORT.getOrDefault(word, word))
          .map(level -> new LevelWords(level, word, true, SheetFacts.without(line, abbreviated)));
    }
    return Optional.empty();
  }

  private static Optional<Level> named(String said) {
    return Level.named(said)
        .or(() -> Level.named(said.replaceAll("[\\s/-]+", " ")))
        .or(() -> Level.named(said.replaceAll("[\\s/-]+", "-")));
  }

  private static Stream<String> names() {
    return Stream.of(Level.values())
        .flatMap(one -> one.names().stream())
        .sorted(Comparator.comparingInt(String::length).reversed());
  }
}
