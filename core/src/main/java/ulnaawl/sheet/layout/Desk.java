package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.regex.Pattern;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.read.LineReadings;

/** What is known of a sheet while its lines are gone through. */
final class Desk {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern STEP_WORD =
      Pattern.compile(
          "\\b(?:left|right|step|rock|touch|cross|turn|kick|heel|toe|shuffle|walk|vine|grapevine|hold|stomp|scuff|"
              + "hitch|point|sway|bump|pivot|coaster|sailor|mambo|weave|side|behind|lock|jazz|brush|hook|tap|slide|drag)\\b",
          CASE);

  final List<SheetLine> lines;
  final FigureBook book;
  final SheetFacts facts = new SheetFacts();
  final Map<Integer, LineRole> roles = new HashMap<>();
  final List<SheetDraft.SaidAt> said = new ArrayList<>();
  final List<OpenBlock> blocks = new ArrayList<>();

  /** The part of a phrased dance that the sections belong to; empty where there are none. */
  String part = "";

  /** Whether the line at hand stands below an empty one. */
  boolean afterBlank;

  /** The line at hand, from 0. */
  int at;

  private final BiConsumer<SheetLine, String> taker;

  /**
   * A desk for one sheet.
   *
   * @param taker takes a part of a line as if it were a line by itself
   */
  Desk(List<SheetLine> lines, FigureBook book, BiConsumer<SheetLine, String> taker) {
    this.lines = List.copyOf(lines);
    this.book = book;
    this.taker = taker;
  }

  void take(SheetLine line, String text) {
    taker.accept(line, text);
  }

  void role(SheetLine line, LineRole role) {
    roles.merge(line.number(), role, (before, now) -> now == LineRole.REMARK ? before : now);
  }

  boolean isHead() {
    return blocks.isEmpty();
  }

  Optional<SheetLine> next(int from) {
    for (int i = from; i < lines.size(); i++) {
      if (!lines.get(i).isEmpty()) {
        return Optional.of(lines.get(i));
      }
    }
    return Optional.empty();
  }

  SaidReader saidReader() {
    return new SaidReader(facts.sectionCounts());
  }

  /** Counts of the wall that are danced up to here. */
  int danced() {
    int counts = 0;
    for (OpenBlock block : blocks) {
      if (block.isSection()) {
        counts += block.counts(facts.sectionCounts());
      }
    }
    return counts;
  }

  /** Counts of the sections before the one that stands open. */
  int dancedBefore() {
    int counts = 0;
    for (OpenBlock block : blocks.subList(0, Math.max(0, blocks.size() - 1))) {
      if (block.isSection()) {
        counts += block.counts(facts.sectionCounts());
      }
    }
    return counts;
  }

  boolean speaksOfSteps(String text) {
    return STEP_WORD.matcher(text).find() || LineReadings.of(List.of(), text, book).isWhole();
  }

  boolean looksLikeSteps(String text) {
    List<CountColumn.Counted> counted = CountColumn.of(text, 1);
    String words = counted.isEmpty() ? text : counted.getFirst().words();
    return !words.isEmpty()
        && !SaidReader.isAboutWalls(words)
        && LineReadings.of(List.of(), words, book).isWhole();
  }

  boolean stepsFollow() {
    return next(at + 1).map(next -> speaksOfSteps(next.text())).orElse(false);
  }

  boolean linesFollow() {
    return next(at + 1)
        .map(next -> CountColumn.leads(next.text()) || looksLikeSteps(next.text()))
        .orElse(false);
  }
}
