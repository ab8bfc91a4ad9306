package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import ulnaawl.notation.Block.ExtraKind;

/** Reads sentences about walls: restarts, tags, bridges, repeats, endings, the order of parts. */
@RequiredArgsConstructor
final class SaidReader {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern ORDER =
      Pattern.compile(
          "^(?:order|sequence|phrasing|pattern|running order)\\s*(?:of (?:the )?dance)?\\s*[:=-]\\s*(.+)$",
          CASE);
  private static final Pattern ORDER_WORDS =
      Pattern.compile(
          "(?:part\\s+)?(?:[A-H]|(?:tag|bridge|ending)(?:\\s?\\d)?)(?:[\\s,/>→–-]+|$)", CASE);
  private static final Pattern RESTART =
      Pattern.compile(
          "\\brestarts?\\b|\\b(?:re-start|(?:start|begin)(?:ing)?\\s+(?:the\\s+dance\\s+)?(?:again|over|from the (?:top|beginning)))\\b",
          CASE);
  private static final Pattern UP_TO =
      Pattern.compile(
          "\\bdance\\s+(?:only\\s+)?(?:up\\s+)?to\\b|\\bdance\\s+(?:only\\s+)?the\\s+first\\b",
          CASE);
  private static final Pattern HERE =
      Pattern.compile("\\bhere\\b|\\bat this point\\b|^\\W*restart\\b(?!\\s*[:-]?\\s*after)", CASE);
  private static final Pattern TAG =
      Pattern.compile("\\btags?\\b(?:\\s*#?(\\d|[A-D])\\b(?!\\s*counts?))?", CASE);
  private static final Pattern BRIDGE =
      Pattern.compile("\\bbridge\\b(?:\\s*#?(\\d|[A-D])\\b(?!\\s*counts?))?", CASE);
  private static final Pattern ENDING =
      Pattern.compile(
          "\\b(?:ending|to end|end the dance|finish|finale|last wall|final wall|dance ends)\\b",
          CASE);
  private static final Pattern AFTER_WALL =
      Pattern.compile(
          "\\b(?:after|end(?:ing)? of|finish(?:ing)?|complet(?:e|ing)|following|between)\\s+(?:the\\s+)?(?:end\\s+of\\s+)?(?:the\\s+)?(?=wall)",
          CASE);
  private static final Pattern BEFORE_WALL =
      Pattern.compile(
          "\\b(?:before|start of|beginning of)\\s+(?:the\\s+)?(?:start\\s+of\\s+)?(?=wall)", CASE);
  private static final Pattern REPEAT =
      Pattern.compile(
          "\\brepeat\\s+(?:sections?|sec|s)\\s*(\\d{1,2})(?:\\s*(?:-|–|to|and|&)\\s*(?:section\\s*)?(\\d{1,2}))?(?:\\s*(?:x|×)\\s*(\\d))?",
          CASE);
  private static final Pattern CHANGE =
      Pattern.compile(
          "\\b(?:chang(?:e|ing)|replac(?:e|ing)|substitut(?:e|ing))\\s+(?:the\\s+)?(?:counts?\\s*)?(\\d{1,3}(?:\\s*[-–]\\s*\\d{1,3}|[&\\d]*))\\s*(?:to|with|for|by|:|=)+\\s*(.+)$",
          CASE);
  private static final Pattern CLAUSE =
      Pattern.compile(
          "(?<!\\d)[.;](?=\\s)|,(?=\\s*(?:and\\s+)?(?:then\\s+)?(?:a\\s+)?(?:restart|tag|bridge)\\b)",
          CASE);
  private static final Pattern HOW_MANY =
      Pattern.compile(
          "(?:(?:\\d|one|two|three)\\s*(?:x\\s*)?(?:easy\\s+)?(?:tags?|restarts?|bridges?)\\s*"
              + "(?:[,&+/.!]|and)?\\s*)+",
          CASE);
  private static final Pattern MORE =
      Pattern.compile(
          "\\b(?:add(?:ing)?|chang\\w*|replac\\w*|instead|touch|step(?:ping)?|hold|omit|skip|leav\\w* out"
              + "|close|stomp|turn(?:ing)?)\\b",
          CASE);
  private static final Pattern NONE =
      Pattern.compile(
          "\\bno\\s+(?:tags?|restarts?|bridges?)\\b|\\b(?:tags?|restarts?)\\s*[:-]\\s*(?:none|no|0)\\b",
          CASE);
  private static final Pattern OPTIONAL = Pattern.compile("\\boptional\\b", CASE);
  private static final Pattern ABOUT =
      Pattern.compile("\\b(?:restarts?|tags?|bridge|walls?|ending)\\b", CASE);

  private final int sectionCounts;

  /** Whether a line gives the order of the parts, in whatever way. */
  static boolean isOrder(String text) {
    return ORDER.matcher(text).matches();
  }

  /** Whether a sentence is about walls at all. */
  static boolean isAboutWalls(String text) {
    return ABOUT.matcher(text).find()
        || RESTART.matcher(text).find()
        || ORDER.matcher(text).matches();
  }

  /** Whether a sentence about a restart says something of steps that was not taken up. */
  static boolean saysMore(String text, Said read) {
    return read instanceof Said.Restart restart
        && restart.change().isEmpty()
        && MORE.matcher(text).find();
  }

  /** Whether it only says that there is none, or how many there are. */
  static boolean saysNone(String text) {
    return WallWords.walls(text).isEmpty()
        && (NONE.matcher(text).find() || HOW_MANY.matcher(text).matches());
  }

  /**
   * What a sentence says; nothing where it does not say enough.
   *
   * @param danced counts of the wall up to where it stands
   */
  List<Said> read(String sentence, int danced) {
    Matcher order = ORDER.matcher(sentence);
    Optional<Said> ordered = order.matches() ? order(order.group(1)) : Optional.empty();
    if (ordered.isPresent()) {
      return List.of(ordered.get());
    }
    List<String> clauses =
        Stream.of(CLAUSE.split(sentence)).filter(SaidReader::isAboutWalls).toList();
    List<Said> all = new ArrayList<>();
    if (clauses.size() > 1) {
      clauses.forEach(clause -> all.addAll(clause(clause, danced)));
    }
    return all.size() >= clauses.size() && !all.isEmpty() ? all : clause(sentence, danced);
  }

  private List<Said> clause(String sentence, int danced) {
    List<Integer> walls = WallWords.walls(sentence);
    if (walls.isEmpty()) {
      return List.of();
    }
    List<Said> said = new ArrayList<>();
    WallWords.startsFacing(sentence).ifPresent(facing -> said.add(new Said.Starts(walls, facing)));
    said.addAll(events(sentence, walls, danced));
    return said;
  }

  private List<Said> events(String sentence, List<Integer> walls, int danced) {
    Matcher change = CHANGE.matcher(sentence);
    String changed = "";
    String rest = sentence;
    if (change.find()) {
      changed =
          change.group(1).replace('–', '-').replaceAll("\\s", "")
              + ": "
              + change
                  .group(2)
                  .replaceAll("(?i)[,;.]?\\s*(?:and\\s+|then\\s+)*(?:restart|start again).*$", "");
      rest =
          sentence.substring(0, change.start())
              + (RESTART.matcher(change.group(2)).find() ? " restart" : "");
    }
    Optional<Integer> after = WallWords.after(rest, sectionCounts);
    Optional<String> facing = WallWords.facingIn(rest);
    boolean restarts = RESTART.matcher(rest).find() || UP_TO.matcher(rest).find();
    Matcher repeat = REPEAT.matcher(rest);
    if (repeat.find()) {
      int first = Integer.parseInt(repeat.group(1));
      int last = repeat.group(2) == null ? first : Integer.parseInt(repeat.group(2));
      int times = repeat.group(3) == null ? 2 : Integer.parseInt(repeat.group(3));
      return List.of(new Said.Repeat(walls, first, last, times));
    }
    if (ENDING.matcher(rest).find()) {
      return after
          .or(() -> danced > 0 ? Optional.of(danced) : Optional.empty())
          .map(it -> List.<Said>of(new Said.Inside(ExtraKind.ENDING, walls, "", it)))
          .orElse(List.of());
    }
    Matcher tag = TAG.matcher(rest);
    Matcher bridge = BRIDGE.matcher(rest);
    boolean isTag = tag.find();
    boolean isBridge = bridge.find();
    boolean before = BEFORE_WALL.matcher(rest).find();
    if (isTag || isBridge) {
      Matcher named = isTag ? tag : bridge;
      String name = named.group(1) == null ? "" : named.group(1).toUpperCase(Locale.ROOT);
      return between(rest, walls, name, after, facing, restarts, before);
    }
    if (restarts) {
      boolean whole = AFTER_WALL.matcher(rest).find() && after.isEmpty();
      Optional<Integer> at =
          after.or(() ->
              danced > 0 && !whole && HERE.matcher(sentence).find()
                  ? Optional.of(danced)
                  : Optional.empty());
      String steps = changed;
      boolean optional = OPTIONAL.matcher(sentence).find();
      return at.map(it -> List.<Said>of(new Said.Restart(walls, it, optional, facing, steps)))
          .orElse(List.of());
    }
    return List.of();
  }

  private static List<Said> between(
      String sentence,
      List<Integer> walls,
      String name,
      Optional<Integer> after,
      Optional<String> facing,
      boolean restarts,
      boolean before) {
    boolean afterWall = AFTER_WALL.matcher(sentence).find();
    if (!afterWall && !before && after.isPresent()) {
      if (restarts) {
        return List.of(
            new Said.Restart(walls, after.get(), OPTIONAL.matcher(sentence).find(), facing, ""),
            new Said.Tag(walls, name, Optional.empty(), false));
      }
      return List.of(new Said.Inside(ExtraKind.BRIDGE, walls, name, after.get()));
    }
    List<Integer> ended =
        before ? walls.stream().map(it -> it - 1).filter(it -> it > 0).toList() : walls;
    return ended.isEmpty()
        ? List.of()
        : List.of(new Said.Tag(ended, name, facing, OPTIONAL.matcher(sentence).find()));
  }

  private static Optional<Said> order(String words) {
    List<String> names = new ArrayList<>();
    Matcher word = ORDER_WORDS.matcher(words);
    int at = 0;
    while (word.find() && word.start() == at) {
      names.add(
          word.group()
              .replaceAll("(?i)^part\\s+", "")
              .replaceAll("[\\s,/>→–-]+$", "")
              .toUpperCase(Locale.ROOT));
      at = word.end();
    }
    return at == words.length() && names.size() > 1
        ? Optional.of(new Said.Order(names))
        : Optional.empty();
  }
}
