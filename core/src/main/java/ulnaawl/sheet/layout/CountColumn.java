package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.music.Count;
import ulnaawl.notation.read.LeadingCounts;

/**
 * Finds the counts of a line, wherever sheets put them: in front, in brackets behind the steps, or
 * a group before every few steps of one line.
 */
final class CountColumn {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern PREFIX =
      Pattern.compile("^(?:counts?|beats?|cts?)\\b\\.?\\s*(?=[\\d&(])", CASE);
  private static final Pattern TO = Pattern.compile("^(\\(?\\d{1,3})\\s+to\\s+(?=\\d)", CASE);
  private static final Pattern GLUED = Pattern.compile("^([1-9]{3,8})(?=[\\s:.)]|$)");
  private static final Pattern SQUARE =
      Pattern.compile("^\\[([\\d\\s&aeAE,–-]+)]|^\\(([\\d\\s&aeAE,–-]+)\\)");
  private static final Pattern AFTER = Pattern.compile("^[\\s:.)\\]–—=-]+");
  private static final Pattern BRACKET = Pattern.compile("\\(([^()]*)\\)");
  private static final Pattern ONLY_COUNTS =
      Pattern.compile("(?:counts?\\s*)?((?=.*\\d)[\\d&aeAE,\\s–-]+)", CASE);
  private static final Pattern NO_COUNT =
      Pattern.compile(
          "^(?:counts?|times?|x|o'clock|walls?|sections?|st|nd|rd|th|bpm|min)\\b", CASE);
  private static final Pattern NUMBERED =
      Pattern.compile("(?:for|walls?|sections?|counts?|tag|restart|after|and|facing)\\s*$", CASE);

  private CountColumn() {}

  /**
   * Counts and the words that stand with them.
   *
   * @param counts at least one, rising, as the sheet numbers them
   * @param words may be empty
   */
  record Counted(List<Count> counts, String words) {}

  /**
   * The groups of a line.
   *
   * @param expected the count that would come next, 1 or more
   * @return none where the line has no counts
   */
  static List<Counted> of(String text, int expected) {
    Optional<Counted> leading = leading(text);
    if (leading.isPresent()) {
      return split(withoutEcho(leading.get()));
    }
    return behind(text, expected).map(List::of).orElse(List.of());
  }

  /** Whether a line begins with counts. */
  static boolean leads(String text) {
    return leading(text).isPresent();
  }

  private static Optional<Counted> leading(String text) {
    String line = PREFIX.matcher(text).replaceFirst("");
    line = parted(line);
    line = TO.matcher(line).replaceFirst("$1-");
    Matcher bracket = SQUARE.matcher(line);
    if (bracket.find()) {
      String inside = bracket.group(1) == null ? bracket.group(2) : bracket.group(1);
      line = inside.strip() + " " + line.substring(bracket.end());
    }
    String counted = line;
    return LeadingCounts.of(line)
        .filter(counts -> isEnd(counted, counts.end()))
        .map(counts ->
            new Counted(
                counts.counts(),
                AFTER.matcher(counted.substring(counts.end())).replaceFirst("").strip()));
  }

  /** "123" and "5678" are counts one after the other. */
  private static String parted(String line) {
    Matcher glued = GLUED.matcher(line);
    if (!glued.find()) {
      return line;
    }
    String digits = glued.group(1);
    for (int i = 1; i < digits.length(); i++) {
      if (digits.charAt(i) != digits.charAt(i - 1) + 1) {
        return line;
      }
    }
    return String.join(" ", digits.split("")) + line.substring(digits.length());
  }

  /** Whether counts end there: "3rd wall" and "32 counts" are none. */
  private static boolean isEnd(String text, int end) {
    if (end >= text.length()) {
      return true;
    }
    boolean glued = Character.isLetterOrDigit(text.charAt(end)) || text.charAt(end) == '/';
    return !glued && !NO_COUNT.matcher(text.substring(end).stripLeading()).find();
  }

  /** "1-2 Rock forward, recover 3&4 coaster step": a group for each. */
  private static List<Counted> split(Counted whole) {
    List<Counted> groups = new ArrayList<>();
    List<Count> counts = whole.counts();
    String words = whole.words();
    int from = 0;
    int at = 1;
    while (at < words.length()) {
      char before = words.charAt(at - 1);
      boolean begins = Character.isWhitespace(before) || before == ',' || before == '.';
      char here = words.charAt(at);
      if (begins
          && (Character.isDigit(here) || here == '&')
          && !NUMBERED.matcher(words.substring(0, at)).find()) {
        Optional<Counted> next = goesOn(words.substring(at), counts.getLast());
        if (next.isPresent()) {
          groups.add(new Counted(counts, tidy(words.substring(from, at))));
          counts = next.get().counts();
          from = words.length() - next.get().words().length();
          at = from;
        }
      }
      at++;
    }
    groups.add(new Counted(counts, tidy(words.substring(Math.min(from, words.length())))));
    return groups;
  }

  private static Optional<Counted> goesOn(String rest, Count last) {
    return leading(rest)
        .filter(it -> !it.words().isEmpty() && Character.isLetter(it.words().charAt(0)))
        .filter(it -> {
          Count first = it.counts().getFirst();
          int gap = first.ticks() - last.ticks();
          return gap > 0 && gap <= Count.TICKS;
        });
  }

  private static String tidy(String words) {
    return words.strip().replaceFirst("[,;]$", "").strip();
  }

  /** "1 2 Rock right (1), recover (2)": the same counts once more, behind each step. */
  private static Counted withoutEcho(Counted line) {
    Matcher bracket = BRACKET.matcher(line.words());
    List<String> echoes = new ArrayList<>();
    List<String> labels = new ArrayList<>();
    line.counts()
        .forEach(count -> labels.add(count.isWhole() ? count.label() : count.subdivision()));
    int at = 0;
    while (bracket.find()) {
      int found = at;
      while (found < labels.size()
          && !labels.get(found).equals(bracket.group(1).strip().toLowerCase(Locale.ROOT))) {
        found++;
      }
      if (found < labels.size()) {
        echoes.add(bracket.group());
        at = found + 1;
      }
    }
    if (echoes.size() < 2) {
      return line;
    }
    String words = line.words();
    for (String echo : echoes) {
      int where = words.indexOf(echo);
      words = words.substring(0, where) + "," + words.substring(where + echo.length());
    }
    return new Counted(
        line.counts(), words.replaceAll("(?:\\s*,)+", ",").replaceAll("[\\s,]+$", ""));
  }

  /** Counts in brackets behind the steps that they count. */
  private static Optional<Counted> behind(String text, int expected) {
    Matcher bracket = BRACKET.matcher(text);
    List<Count> counts = new ArrayList<>();
    StringBuilder words = new StringBuilder();
    int from = 0;
    while (bracket.find()) {
      Matcher only = ONLY_COUNTS.matcher(bracket.group(1).strip());
      Optional<LeadingCounts> read =
          only.matches() ? LeadingCounts.of(only.group(1).strip()) : Optional.empty();
      boolean fits =
          read.isPresent()
              && read.get().end() == only.group(1).strip().length()
              && read.get().counts().getFirst().compareTo(Count.of(expected - 1)) >= 0
              && (counts.isEmpty()
                  || counts.getLast().compareTo(read.get().counts().getFirst()) < 0)
              && (counts.isEmpty() ? isNext(read.get(), expected) : true);
      if (fits) {
        counts.addAll(read.get().counts());
        words.append(text, from, bracket.start()).append(',');
        from = bracket.end();
      }
    }
    words.append(text.substring(from));
    return counts.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Counted(
                counts,
                words.toString().replaceAll("(?:\\s*,)+", ",").replaceAll("[\\s,.]+$", "")));
  }

  /** One number alone may be a facing; it is a count where it is the next one. */
  private static boolean isNext(LeadingCounts read, int expected) {
    return read.counts().size() > 1 || read.counts().getFirst().number() == expected;
  }
}
