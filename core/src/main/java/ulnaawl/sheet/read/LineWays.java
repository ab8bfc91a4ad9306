package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.compile.LineWalk;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Rhythm;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Side;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.read.LeadingCounts;
import ulnaawl.notation.read.LineReadings;
import ulnaawl.sheet.Doubt;
import ulnaawl.sheet.layout.DraftLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;

/**
 * The ways of taking one line of a sheet: its plain words first, then what they may mean where they
 * say too little or cannot be danced. Bounded: at most {@value #MOST} a line.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
final class LineWays {

  private static final int MOST = 24;

  // How far each is from the sheet's own words. From memory: chosen so that one slip of a sheet is
  // cheaper than a step that cannot be danced (PathSearch), and dearer than anything it may mean.
  private static final int SIDE = 1;
  private static final int UNKNOWN_WORDS = 5;
  private static final int EMPTY = 6;
  private static final int COUNTED_ANEW = 8;
  private static final int OTHER_TURN = 13;
  private static final int OTHER_FEET = 15;
  private static final int MOST_EMPTY = 2;

  private static final Pattern SHORT =
      Pattern.compile("\\b(diag|fwd|rec|bk|tog|beh)\\.", Pattern.CASE_INSENSITIVE);
  private static final Pattern FACING =
      Pattern.compile(
          "(?<![(\\[])\\b(?:(?:to\\s+)?fac(?:e|ing)|to)\\s+(?:the\\s+)?"
              + "((?:\\d{1,2}(?:[:.]\\d\\d|(?=\\s*o'?\\s?clock))|(?:front|back|home)(?=\\s+wall))"
              + "(?:\\s*o'?\\s?clock)?)(?:\\s+wall)?(?![\\])])|"
              + "(?<![(\\[\\d])\\b(\\d{1,2}[:.]\\d\\d)(?:\\s*o'?\\s?clock)?\\s*[.,]?$",
          Pattern.CASE_INSENSITIVE);

  private final FigureBook book;
  private final List<Way> ways = new ArrayList<>();

  /** The ways of a line, the nearest to its words first; none where it cannot be read. */
  static List<Way> of(DraftLine line, FigureBook book) {
    LineWays all = new LineWays(book);
    all.read(line.counts(), words(line.words()));
    return all.ways.stream().sorted(Comparator.comparingInt(Way::cost)).limit(MOST).toList();
  }

  /** A sheet's words with the facings that they state in brackets. */
  static String words(String written) {
    return FACING
        .matcher(SHORT.matcher(written).replaceAll("$1"))
        .replaceAll(it -> {
          String facing = it.group(1) == null ? it.group(2) : it.group(1);
          return " (" + facing.replace('.', ':') + ")";
        });
  }

  private void read(List<Count> counts, String words) {
    if (words.isBlank() || words.length() > ulnaawl.notation.Limits.LINE) {
      return;
    }
    LineReadings readings = LineReadings.of(counts, words, book);
    if (readings.isWhole()) {
      add(readings, 0, List.of());
      return;
    }
    List<Diagnostic> unknown =
        readings.diagnostics().stream()
            .filter(one -> one.code() == Code.UNKNOWN_WORD || one.code() == Code.UNKNOWN_FIGURE)
            .toList();
    if (unknown.isEmpty()) {
      return;
    }
    List<String> kept = new ArrayList<>();
    StringBuilder bracketed = new StringBuilder(words);
    for (Diagnostic one : unknown.reversed()) {
      String word = words.substring(one.span().start(), one.span().end());
      kept.addFirst(word);
      bracketed.replace(one.span().start(), one.span().end(), "(" + word + ")");
    }
    LineReadings again = LineReadings.of(counts, bracketed.toString(), book);
    if (again.isWhole()) {
      add(again, UNKNOWN_WORDS, List.of(new Doubt.UnknownWords(kept)));
    }
  }

  private void add(LineReadings readings, int cost, List<Doubt> doubts) {
    int number = 0;
    for (StepLine line : readings.lines()) {
      addFilled(line, cost + number++, doubts);
    }
  }

  private void addFilled(StepLine line, int cost, List<Doubt> doubts) {
    if (line.counts().isEmpty()) {
      counted(line).ifPresent(it -> addSides(it, cost, with(doubts, new Doubt.Uncounted())));
      return;
    }
    Optional<Diagnostic> places = wrongPlaces(line);
    if (places.isEmpty()) {
      addSides(line, cost, doubts);
      return;
    }
    int steps = places(line.items());
    int empty = line.counts().size() - steps;
    if (empty > 0 && empty <= MOST_EMPTY && steps > 0) {
      List<Item> items = new ArrayList<>(line.items());
      Figure hold = book.find("hold").orElseThrow();
      Item last = items.getLast();
      for (int i = 0; i < empty; i++) {
        items.add(
            new Item(
                hold,
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                1,
                Optional.empty(),
                "",
                last.span()));
      }
      addSides(
          withItems(line, items),
          cost + EMPTY * empty,
          with(doubts, new Doubt.EmptyCounts(line.counts().subList(steps, line.counts().size()))));
    }
    places.get().mends().stream()
        .findFirst()
        .map(Mend::replacement)
        .flatMap(LeadingCounts::of)
        .map(LeadingCounts::counts)
        .filter(counts -> counts.size() == steps)
        .ifPresent(counts ->
            addSides(
                new StepLine(counts, line.countsSpan(), line.items(), true, line.span()),
                cost + COUNTED_ANEW,
                with(doubts, new Doubt.OtherCounts(line.counts(), counts))));
  }

  private Optional<Diagnostic> wrongPlaces(StepLine line) {
    return LineWalk.of(line, Weight.LEFT, RelativeFacing.START, book).diagnostics().stream()
        .filter(one -> one.code() == Code.PLACES)
        .findFirst();
  }

  static int places(List<Item> items) {
    return items.stream().mapToInt(Item::usualPlaces).sum();
  }

  /** Counts for steps that have none, as their figures are usually counted, from 1. */
  private static Optional<StepLine> counted(StepLine line) {
    List<Count> counts = new ArrayList<>();
    int next = 1;
    for (Item item : line.items()) {
      String rhythm = item.figure().danced(item.direction()).getFirst().rhythm();
      List<Integer> ticks = Rhythm.ticks(rhythm);
      int repeats = item.instances();
      for (int i = 0; i < repeats; i++) {
        for (int tick : ticks) {
          counts.add(new Count(tick).plusCounts(next - 1));
        }
        next += Rhythm.wholeCounts(rhythm);
      }
    }
    boolean rising = !counts.isEmpty();
    for (int i = 1; i < counts.size(); i++) {
      rising &= counts.get(i - 1).compareTo(counts.get(i)) < 0;
    }
    return rising
        ? Optional.of(new StepLine(counts, line.countsSpan(), line.items(), true, line.span()))
        : Optional.empty();
  }

  /** Where a turn has no side, one way for each; then what a slip of the sheet may be. */
  private void addSides(StepLine line, int cost, List<Doubt> doubts) {
    if (line.items().stream().anyMatch(LineWays::lacksSide)) {
      for (Side side : Side.values()) {
        StepLine sided = mapped(line, item -> lacksSide(item) ? turnedTo(item, side) : item);
        addSlips(sided, cost + SIDE, with(doubts, new Doubt.TurnSide(side)));
      }
    } else {
      addSlips(line, cost, doubts);
    }
  }

  private void addSlips(StepLine line, int cost, List<Doubt> doubts) {
    ways.add(new Way(List.of(line), cost, doubts));
    if (line.items().stream().anyMatch(item -> !item.feet().isEmpty())) {
      ways.add(
          new Way(
              List.of(mapped(line, Item::withOtherFeet)),
              cost + OTHER_FEET,
              with(doubts, new Doubt.OtherFeet())));
    }
    if (line.items().stream().anyMatch(item -> item.turn().isPresent())) {
      ways.add(
          new Way(
              List.of(mapped(line, Item::turnedOtherwise)),
              cost + OTHER_TURN,
              with(doubts, new Doubt.OtherTurn())));
    }
  }

  private static boolean lacksSide(Item item) {
    return item.turn().isPresent()
        && item.turn().get().value().side().isEmpty()
        && item.figure().turn().steps().isEmpty();
  }

  private static Item turnedTo(Item item, Side side) {
    return item.withTurn(item.turn().map(turn -> new Stated<>(turn.value().to(side), turn.span())));
  }

  private static StepLine mapped(StepLine line, UnaryOperator<Item> change) {
    return withItems(line, line.items().stream().map(change).toList());
  }

  private static StepLine withItems(StepLine line, List<Item> items) {
    return new StepLine(line.counts(), line.countsSpan(), items, true, line.span());
  }

  private static List<Doubt> with(List<Doubt> doubts, Doubt more) {
    List<Doubt> all = new ArrayList<>(doubts);
    all.add(more);
    return all;
  }
}
