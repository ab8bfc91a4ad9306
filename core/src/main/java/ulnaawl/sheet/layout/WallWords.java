package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.floor.Facing;

/** Finds walls, counts and facings in a sentence. */
final class WallWords {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Map<String, Integer> NUMBERS =
      Map.ofEntries(
          Map.entry("one", 1),
          Map.entry("two", 2),
          Map.entry("three", 3),
          Map.entry("four", 4),
          Map.entry("five", 5),
          Map.entry("six", 6),
          Map.entry("seven", 7),
          Map.entry("eight", 8),
          Map.entry("nine", 9),
          Map.entry("ten", 10),
          Map.entry("first", 1),
          Map.entry("second", 2),
          Map.entry("third", 3),
          Map.entry("fourth", 4),
          Map.entry("fifth", 5),
          Map.entry("sixth", 6),
          Map.entry("seventh", 7),
          Map.entry("eighth", 8),
          Map.entry("ninth", 9),
          Map.entry("tenth", 10));
  private static final String CARDINAL =
      "(?:\\d{1,2}|one|two|three|four|five|six|seven|eight|nine|ten)";
  private static final String ORDINAL =
      "(?:\\d{1,2}\\s?(?:st|nd|rd|th)"
          + "|first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth)";
  private static final String CLOCK_AFTER =
      "(?:\\s*\\((?:facing\\s*)?\\d{1,2}(?:[:.]\\d\\d)?(?:\\s*o'?clock)?\\))?";
  private static final String AND = "\\s*(?:,\\s*and|,|&|and|\\+|/)\\s*(?:also\\s+)?";
  private static final String WALL = "(?:walls?|repetitions?|rotations?|times? through)";
  private static final Pattern NUMBERED =
      Pattern.compile(
          "\\b"
              + WALL
              + "\\s*(?:no\\.?|number)?\\s*#?("
              + CARDINAL
              + "\\b"
              + CLOCK_AFTER
              + "(?:"
              + AND
              + "(?:on\\s+|after\\s+)?(?:"
              + WALL
              + "\\s*)?#?"
              + CARDINAL
              + "\\b(?!\\s*(?:counts?|o'?clock|[:.]\\d))"
              + CLOCK_AFTER
              + ")*)",
          CASE);
  private static final Pattern NTH =
      Pattern.compile(
          "\\b(" + ORDINAL + "(?:" + AND + "(?:the\\s+)?" + ORDINAL + ")*)\\s+" + WALL + "\\b",
          CASE);
  private static final Pattern NUMBER =
      Pattern.compile("\\b(?:" + CARDINAL + "|" + ORDINAL + ")\\b", CASE);
  private static final Pattern BRACKET = Pattern.compile("\\([^()]*\\)");
  private static final String COUNT =
      "(\\d{1,3}|" + String.join("|", List.of("four", "eight", "sixteen")) + ")";
  private static final List<Pattern> AFTER =
      List.of(
          Pattern.compile(
              "\\b(?:after|first|up to|until|to|through|at|on|dance)\\b(?:\\s+(?:and including|the|first|only|up to|end of|of))*\\s+(?:counts?|beats?)\\s+"
                  + COUNT
                  + "\\b",
              CASE),
          Pattern.compile(
              "\\b(?:after|first|up to|until|to|dance|at|only|danc(?:e|ing))\\b(?:\\s+(?:and including|the|first|only|up to|of|just))*\\s+"
                  + COUNT
                  + "\\s*-?\\s*(?:counts?|beats?)\\b",
              CASE),
          Pattern.compile(
              "\\b"
                  + COUNT
                  + "\\s*-?\\s*(?:counts?|beats?)\\b(?!\\s*(?:tag|bridge|intro|restart|ending|hold|pause))",
              CASE),
          Pattern.compile("\\b(?:counts?|beats?)\\s+(?:1\\s*-\\s*)?" + COUNT + "\\b", CASE),
          Pattern.compile(
              "\\bafter\\s+(?:the\\s+first\\s+)?"
                  + COUNT
                  + "\\b(?!\\s*(?:"
                  + WALL
                  + "|[:.]\\d|o'?clock))",
              CASE));
  private static final Pattern SECTION =
      Pattern.compile(
          "\\b(?:after|end of|up to|to)\\s+(?:the\\s+)?(?:end of\\s+)?(?:section|sec|s)\\.?\\s*(\\d{1,2})\\b",
          CASE);
  private static final Pattern NTH_SECTION =
      Pattern.compile("\\b(?:after|end of)\\s+(?:the\\s+)?(" + ORDINAL + ")\\s+section\\b", CASE);
  private static final String HOUR = "(\\d{1,2}(?:[:.]\\d\\d)?)(?:\\s*o'?\\s?clock)?";
  private static final Pattern STARTS_FACING =
      Pattern.compile(
          "\\b(?:which\\s+|that\\s+)?(?:starts?|starting|begins?|beginning)\\s+(?:facing|at|on|to)\\s+(?:the\\s+)?(?:"
              + HOUR
              + "|(front|back|home)(?:\\s+wall)?)",
          CASE);
  private static final List<Pattern> FACING =
      List.of(
          Pattern.compile(
              "\\b(?:facing|face|faces|to face|at|to)\\s+(?:the\\s+)?"
                  + HOUR
                  + "(?!\\s*counts?)(?=[\\s).,;]|$)",
              CASE),
          Pattern.compile("[\\[(]\\s*(?:facing\\s+)?" + HOUR + "\\s*(?:wall)?[\\])]", CASE),
          Pattern.compile("\\b(\\d{1,2}[:.]\\d\\d)\\b", CASE),
          Pattern.compile("\\b(\\d{1,2})\\s*o'?\\s?clock\\b", CASE),
          Pattern.compile(
              "\\b(?:facing|face|to|at)\\s+(?:the\\s+)?(front|back|home)(?:\\s+wall)?\\b", CASE));

  private WallWords() {}

  /** The walls that a sentence names; none where it names none. */
  static List<Integer> walls(String sentence) {
    for (Pattern pattern : List.of(NUMBERED, NTH)) {
      Matcher found = pattern.matcher(sentence);
      if (found.find()) {
        List<Integer> walls = new ArrayList<>();
        Matcher number = NUMBER.matcher(BRACKET.matcher(found.group(1)).replaceAll(" "));
        while (number.find()) {
          walls.add(number(number.group()));
        }
        return walls;
      }
    }
    return List.of();
  }

  /** The counts after which something happens, by number or by section. */
  static Optional<Integer> after(String sentence, int sectionCounts) {
    Matcher section = SECTION.matcher(sentence);
    if (section.find()) {
      return Optional.of(Integer.parseInt(section.group(1)) * sectionCounts);
    }
    Matcher nth = NTH_SECTION.matcher(sentence);
    if (nth.find()) {
      return Optional.of(number(nth.group(1)) * sectionCounts);
    }
    String plain = withoutWalls(sentence);
    for (Pattern pattern : AFTER) {
      Matcher found = pattern.matcher(plain);
      if (found.find()) {
        return Optional.of(number(found.group(1)));
      }
    }
    return Optional.empty();
  }

  /** Where a wall is said to start. */
  static Optional<String> startsFacing(String sentence) {
    Matcher found = STARTS_FACING.matcher(sentence);
    return found.find()
        ? facing(found.group(1) == null ? found.group(2) : found.group(1))
        : Optional.empty();
  }

  /** A facing that is said, but not of a wall's start. */
  static Optional<String> facingIn(String sentence) {
    String rest = STARTS_FACING.matcher(sentence).replaceAll(" ");
    for (Pattern pattern : FACING) {
      Matcher found = pattern.matcher(rest);
      while (found.find()) {
        Optional<String> facing = facing(found.group(1));
        if (facing.isPresent()) {
          return facing;
        }
      }
    }
    return Optional.empty();
  }

  private static Optional<String> facing(String word) {
    return Facing.named(word.replace('.', ':')).map(Facing::clock);
  }

  /** The sentence without the numbers of its walls. */
  static String withoutWalls(String sentence) {
    return NTH.matcher(NUMBERED.matcher(sentence).replaceAll(" wall ")).replaceAll(" wall ");
  }

  static int number(String word) {
    String lower = word.toLowerCase(Locale.ROOT).strip();
    if (lower.equals("sixteen")) {
      return 16;
    }
    Integer named = NUMBERS.get(lower);
    return named != null ? named : Integer.parseInt(lower.replaceAll("\\D", ""));
  }
}
