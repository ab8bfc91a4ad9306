package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import ulnaawl.figure.Level;

/** What the head of a sheet says: title, maker, counts, walls, level, intro, start, songs. */
public final class SheetFacts {

  private static final int CASE = Pattern.CASE_INSENSITIVE;

  private static final Pattern TITLE =
      Pattern.compile(
          "^(?:title|dance name|dance|name|name of (?:the )?dance)\\s*[:=]\\s*(.+)$", CASE);
  private static final Pattern BY =
      Pattern.compile(
          "^(?:(?:a\\s+)?dance(?=\\s+by)|choreo(?:graph(?:er|ers|ed|y))?(?:\\s*\\(s\\)|/s)?|written|made|maker|steps(?=\\s+by)|by)"
              + "(?:\\s*by)?(?:\\s*[:=-]\\s*|\\s+)(.+)$",
          CASE);
  private static final Pattern SONG =
      Pattern.compile(
          "^(?:(?:suggested|alternative|alternate|alt\\.?|other|also|practice|main)\\s+)?"
              + "(?:music|songs?|tracks?|tunes?|danced to)\\s*(?:\\d\\s*)?[:=-]\\s*(.+)$",
          CASE);
  private static final Pattern STYLE =
      Pattern.compile("^(?:style|rhythm|type|genre)\\s*[:=-]\\s*(.+)$", CASE);
  private static final Pattern NOTE = Pattern.compile("^notes?\\s*[:=-]\\s*(.+)$", CASE);
  private static final Pattern METER = Pattern.compile("\\bmeter\\s*[:=]\\s*([34])\\b", CASE);
  private static final List<Pattern> COUNTS =
      List.of(
          Pattern.compile(
              "\\b(?<!-)counts?\\s*[:=-]?\\s*(\\d{1,3})\\b(?:\\s*\\+\\s*(\\d{1,3}))?"
                  + "(?![ -]*walls?\\b(?!\\s*[:=]?\\s*\\d))",
              CASE),
          Pattern.compile(
              "\\b(\\d{1,3})(?:\\s*\\+\\s*(\\d{1,3}))? *-? *(?:counts?|cts?|c)\\b"
                  + "(?!\\s*(?:in\\b|tag|[:=])| ?\\d{1,3}\\b(?! *-? *w))",
              CASE));
  private static final List<Pattern> WALLS =
      List.of(
          Pattern.compile("\\bwalls?\\s*[:=-]?\\s*([124]|one|two|four)\\b", CASE),
          Pattern.compile("\\b([124]|one|two|four) *-? *(?:walls?|w)\\b", CASE));
  private static final List<Pattern> INTRO =
      List.of(
          Pattern.compile(
              "\\b(?:intro(?:duction)?|count[ -]?in)\\s*[:=-]?\\s*(?:of\\s*)?#?(\\d{1,3})(?:\\s*-?\\s*counts?)?\\b[^,;|\\t]*",
              CASE),
          Pattern.compile(
              "#?\\b(\\d{1,3})\\s*+-?\\s*+(?:counts?|beats?)?\\s*+(?:of\\s++)?intro(?:duction)?\\b[^,;|\\t]*",
              CASE),
          Pattern.compile(
              "\\b(?:dance\\s+)?(?:starts?|begins?|starting|beginning)\\b[^,;|\\t\\d]*?#?(\\d{1,3})\\s*-?\\s*(?:counts?|beats?)[^,;|\\t]*",
              CASE),
          Pattern.compile("#?\\b(\\d{1,3})\\s*counts?\\s+in\\b[^,;|\\t]*", CASE));
  private static final Pattern START_WEIGHT =
      Pattern.compile(
          "(?:\\bstart(?:s|ing)?\\b(?:\\s+position)?\\s*[:=-]?\\s*)?\\b(?:with\\s+)?(?:the\\s+)?(?:your\\s+)?weight\\s*(?:is|starts)?\\s*[:=-]?\\s*(?:on|onto)?\\s*(?:the\\s+|your\\s+)?(l|r|left|right|both)\\b(?:\\s+(?:foot|feet))?",
          CASE);
  private static final Pattern START_FOOT =
      Pattern.compile(
          "\\bstart(?:s|ing)?\\s+(?:foot\\s*[:=-]?|(?:on|with)\\s+(?:the\\s+|your\\s+)?)\\s*(l|r|left|right)(?:\\s+foot)?\\b",
          CASE);
  private static final Pattern LEFT_OVER =
      Pattern.compile(
          "\\b(?:description|dance type|low|high|intro|line|dance|level|a|an|and|the|in|of|on|with|music|facing|start|feet together|"
              + "easy|phrased|no tags?|no restarts?|or|vocals?|lyrics?|clockwise|anti|counter|rotation|cw|ccw)\\b|[\\s,;:.|/()!&·•*–—-]+",
          CASE);
  private static final Pattern STYLES =
      Pattern.compile(
          "\\b(waltz|cha[- ]?cha|nightclub(?: two[- ]?step)?|country|swing|jive|rumba|samba|polka|ballad)\\b",
          CASE);
  private static final Pattern MAKER =
      Pattern.compile("\\b(?:choreographed\\s+)?by\\s+([^,;|\\t]+?)\\s*$", CASE);
  private static final Pattern TITLE_AND_MAKER =
      Pattern.compile("^(\\S+(?:\\s++\\S+)*?)\\s++(?:[Bb]y|BY)\\s++(\\p{L}.*)");
  private static final Pattern PARTS = Pattern.compile("\\s+[-–—*·]+(?=[\\s,]|$)|\\s,\\s|\\t");
  private static final Pattern NAME =
      Pattern.compile("\\p{Lu}\\p{Ll}+(?:\\s+(?:&|and)?\\s*\\p{Lu}\\p{Ll}+)+");
  private static final Pattern EMPTY_BRACKETS = Pattern.compile("\\([\\s,;·-]*\\)");
  private static final Pattern EXCEPTIONS =
      Pattern.compile("\\b(?:tags?|restarts?|bridge|ending)\\b", CASE);

  private Optional<String> title = Optional.empty();
  private Optional<String> by = Optional.empty();
  private Optional<Level> level = Optional.empty();
  private Optional<String> counts = Optional.empty();
  private Optional<Integer> walls = Optional.empty();
  private Optional<String> start = Optional.empty();
  private Optional<Integer> intro = Optional.empty();
  private Optional<Integer> meter = Optional.empty();
  private Optional<String> style = Optional.empty();
  private final List<String> songs = new ArrayList<>();
  private final List<String> notes = new ArrayList<>();

  /** What became of a line. */
  enum Taken {
    /** All of it was a fact. */
    WHOLE,
    /** Kept as a remark above the dance. */
    NOTE,
    /** The name of a level that is none of ours; the nearest was taken. */
    NEAR_LEVEL
  }

  /** Takes a line of the head. */
  Taken take(String line) {
    Optional<Level> before = level;
    Taken taken = taken(line);
    boolean near = !level.equals(before) && !levelIsExact;
    return near ? Taken.NEAR_LEVEL : taken;
  }

  private Taken taken(String line) {
    Matcher titled = TITLE.matcher(line);
    if (titled.matches()) {
      String rest = takeFacts(titled.group(1));
      title = Optional.of(ends(rest));
      return Taken.WHOLE;
    }
    Matcher song = SONG.matcher(line);
    if (song.matches()) {
      songs.add(SongLine.of(song.group(1)));
      return Taken.WHOLE;
    }
    Matcher made = BY.matcher(line);
    if (made.matches()) {
      by = Optional.of(ends(takeFacts(made.group(1))));
      return Taken.WHOLE;
    }
    Matcher styled = STYLE.matcher(line);
    if (styled.matches()) {
      style = Optional.of(styled.group(1).strip());
      return Taken.WHOLE;
    }
    Matcher noted = NOTE.matcher(line);
    if (noted.matches() && title.isPresent()) {
      notes.add(noted.group(1).strip());
      return Taken.WHOLE;
    }
    String rest = takeFacts(line);
    rest = takeStyle(rest, line);
    rest = takeMaker(rest, line);
    String words = LEFT_OVER.matcher(rest).replaceAll("");
    if (words.isEmpty() && !rest.equals(line)) {
      return Taken.WHOLE;
    }
    if (title.isEmpty() && !EXCEPTIONS.matcher(rest).find()) {
      titleAndMaker(rest);
      return Taken.WHOLE;
    }
    notes.add(line);
    return Taken.NOTE;
  }

  /** "Paper Kites - Marlow Finch", what is left of a line whose facts are gone. */
  private void titleAndMaker(String rest) {
    List<String> parts =
        Stream.of(PARTS.split(rest)).map(SheetFacts::ends).filter(it -> !it.isEmpty()).toList();
    if (parts.isEmpty()) {
      return;
    }
    Matcher made = TITLE_AND_MAKER.matcher(parts.getFirst());
    if (made.matches()) {
      title = Optional.of(ends(made.group(1)));
      by = Optional.of(ends(made.group(2)));
      return;
    }
    boolean named = parts.size() > 1 && NAME.matcher(parts.getLast()).matches();
    by = named ? Optional.of(parts.getLast()) : by;
    title = Optional.of(String.join(" - ", parts.subList(0, parts.size() - (named ? 1 : 0))));
  }

  private boolean levelIsExact = true;

  /** "beginner waltz": what kind of dance it is, behind other facts. */
  private String takeStyle(String rest, String line) {
    Matcher kind = STYLES.matcher(rest);
    if (rest.equals(line) || !kind.find()) {
      return rest;
    }
    style = style.or(() -> Optional.of(kind.group(1).toLowerCase(Locale.ROOT)));
    return without(rest, kind);
  }

  /** "… line dance by Oda Marsh", behind other facts. */
  private String takeMaker(String rest, String line) {
    Matcher maker = MAKER.matcher(rest);
    if (title.isEmpty() || rest.equals(line) || !maker.find()) {
      return rest;
    }
    by = by.or(() -> Optional.of(ends(maker.group(1))));
    return without(rest, maker);
  }

  /** Takes the facts out of a line; what is left. */
  private String takeFacts(String line) {
    String rest = line;
    rest = takeNumber(rest, INTRO, number -> intro = Optional.of(Integer.valueOf(number)));
    Matcher weight = START_WEIGHT.matcher(rest);
    if (weight.find()) {
      start = Optional.of(startOf(weight.group(1)));
      rest = without(rest, weight);
    }
    Matcher foot = START_FOOT.matcher(rest);
    if (foot.find()) {
      boolean right = foot.group(1).toLowerCase(Locale.ROOT).startsWith("r");
      start = start.or(() -> Optional.of(right ? "weight L" : "weight R"));
      rest = without(rest, foot);
    }
    for (Pattern pattern : COUNTS) {
      Matcher found = pattern.matcher(rest);
      if (counts.isEmpty() && found.find()) {
        String tags = found.group(2) == null ? "" : " + " + Integer.valueOf(found.group(2));
        counts = Optional.of(Integer.valueOf(found.group(1)) + tags);
        rest = without(rest, found);
      }
    }
    rest = takeNumber(rest, WALLS, number -> walls = Optional.of(small(number)));
    Matcher metered = METER.matcher(rest);
    if (metered.find()) {
      meter = Optional.of(Integer.valueOf(metered.group(1)));
      rest = without(rest, metered);
    }
    rest = takeLevel(rest);
    return rest.strip();
  }

  private String takeLevel(String line) {
    Optional<LevelWords> found = level.isEmpty() ? LevelWords.in(line) : Optional.empty();
    if (found.isEmpty()) {
      return line;
    }
    level = Optional.of(found.get().level());
    levelIsExact = found.get().exact();
    if (!levelIsExact) {
      notes.add("Level as printed: " + found.get().said());
    }
    return found.get().rest();
  }

  private static String takeNumber(
      String line, List<Pattern> patterns, java.util.function.Consumer<String> take) {
    for (Pattern pattern : patterns) {
      Matcher found = pattern.matcher(line);
      if (found.find()) {
        take.accept(found.group(1));
        return without(line, found);
      }
    }
    return line;
  }

  private static int small(String number) {
    return switch (number.toLowerCase(Locale.ROOT)) {
      case "one" -> 1;
      case "two" -> 2;
      case "four" -> 4;
      default -> Integer.parseInt(number);
    };
  }

  private static String startOf(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    return lower.equals("both") ? "both" : lower.startsWith("l") ? "weight L" : "weight R";
  }

  static String without(String line, Matcher found) {
    return line.substring(0, found.start()) + " , " + line.substring(found.end());
  }

  private static String ends(String words) {
    return EMPTY_BRACKETS
        .matcher(words)
        .replaceAll(" ")
        .replaceAll("\\s*,(?:\\s*,)*\\s*", ", ")
        .replaceAll("^[\\s,;:*·\"'“”()–—-]+|[\\s,;:.*·\"'“”(–—-]+$", "");
  }

  /** Whether a line of the head is one of its facts, and not a title of steps. */
  boolean isFact(String line) {
    boolean labelled =
        List.of(TITLE, SONG, BY, STYLE, NOTE).stream().anyMatch(it -> it.matcher(line).matches());
    return labelled || !new SheetFacts().takeFacts(line).equals(line);
  }

  boolean hasTitle() {
    return title.isPresent();
  }

  void titleUnlessKnown(String words) {
    title = title.or(() -> Optional.of(words));
  }

  void note(String words) {
    notes.add(words);
  }

  void threeFour() {
    meter = meter.or(() -> Optional.of(3));
  }

  public String title() {
    return title.map(Capitals::title).orElse("Untitled");
  }

  public Optional<Integer> walls() {
    return walls;
  }

  public Optional<Level> level() {
    return level;
  }

  /** The stated start, as step text writes it: {@code weight L}. */
  public Optional<String> start() {
    return start;
  }

  boolean isWaltz() {
    return meter.map(it -> it == 3).orElse(false)
        || style.map(it -> it.toLowerCase(Locale.ROOT).contains("waltz")).orElse(false);
  }

  /** Counts of a section, 8 or 6. */
  public int sectionCounts() {
    return isWaltz() ? 6 : 8;
  }

  /**
   * The header lines of step text, in their order.
   *
   * @param found the weight to start on, where the sheet does not state it and it has to be said
   */
  public List<String> lines(Optional<String> found) {
    List<String> lines = new ArrayList<>();
    lines.add("title: " + plain(title()));
    by.ifPresent(it -> lines.add("by: " + plain(it)));
    level.ifPresent(it -> lines.add("level: " + it.label()));
    counts.ifPresent(it -> lines.add("counts: " + it));
    walls.ifPresent(it -> lines.add("walls: " + it));
    if (isWaltz()) {
      lines.add("meter: 3");
    }
    start.or(() -> found).ifPresent(it -> lines.add("start: " + it));
    intro.ifPresent(it -> lines.add("intro: " + it));
    style.ifPresent(it -> lines.add("style: " + plain(it)));
    songs.forEach(it -> lines.add("song: " + plain(it)));
    notes.forEach(it -> lines.add("note: " + plain(it)));
    return lines;
  }

  /** Without the sign that begins a remark in step text. */
  private static String plain(String words) {
    return words.replace('#', ' ').replace('\t', ' ').strip();
  }
}
