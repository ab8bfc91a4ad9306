package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.figure.TurnSize;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.notation.Item;
import ulnaawl.notation.Limits;
import ulnaawl.notation.Stated;
import ulnaawl.notation.TypedTurn;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.text.SourceSpan;
import ulnaawl.text.WordTree;

/** Reads one item of a step line: {@code [TURN] FIGURE [FEET] [DIRECTION] [TURN] [xN] [(note)]}. */
final class ItemReader {

  private static final int OFFERS = 3;
  private static final Pattern TIMES = Pattern.compile("[x×]\\d{1,4}|\\d{1,4}x");
  private static final Pattern AFTER_FIGURE = Pattern.compile("[x×]\\d+|both|to");

  private final FigureBook book;
  private final Findings findings;
  private final Line line;
  private final Words words;
  private int at;
  private final List<Stated<Foot>> feet = new ArrayList<>();
  private Optional<Placement> direction = Optional.empty();
  private Optional<Stated<Side>> travel = Optional.empty();
  private Optional<Stated<TypedTurn>> turn = Optional.empty();
  private int times = 1;
  private boolean both;

  private ItemReader(Line line, FigureBook book, Findings findings) {
    this.line = line;
    this.words = Words.of(line);
    this.book = book;
    this.findings = findings;
  }

  /** The item, or nothing where its figure is unknown; then a diagnostic says so. */
  static Optional<Item> read(Line line, FigureBook book, Findings findings) {
    return new ItemReader(line, book, findings).item();
  }

  private Optional<Item> item() {
    Optional<Figure> figure = figureHere();
    if (figure.isEmpty()) {
      readTurn(true);
      while (words.foot(at).isPresent() && at + 1 < words.size()) {
        feet.add(new Stated<>(words.foot(at).get(), words.span(at)));
        at++;
      }
      figure = figureHere();
    }
    if (figure.isEmpty() && words.direction(at).isPresent()) {
      figure = book.find("step");
    }
    if (figure.isEmpty()) {
      sayUnknownFigure();
      return Optional.empty();
    }
    while (at < words.size()) {
      readRest(figure.get());
    }
    return Optional.of(
        new Item(
            figure.get(), feet, direction, travel, turn, times, both, words.note(), line.span()));
  }

  /** The longest name of the book that begins here; steps over it. */
  private Optional<Figure> figureHere() {
    Optional<WordTree.Match<Figure>> found = words.figure(book, at);
    at += found.map(WordTree.Match::length).orElse(0);
    return found.map(WordTree.Match::meaning);
  }

  private boolean readTurn(boolean before) {
    int begin = at;
    if (words.get(at).equals("turn")) {
      at++;
    }
    OptionalInt size = TurnSize.eighths(words.get(at));
    if (size.isEmpty()) {
      at = begin;
      return false;
    }
    at++;
    if (words.get(at).equals("turn")) {
      at++;
    }
    Optional<Side> side = words.side(at);
    if (side.isPresent()) {
      at++;
    }
    SourceSpan span = words.span(begin, at);
    if (turn.isPresent()) {
      findings.add(
          Diagnostic.of(
              Code.TWO_TURNS,
              span,
              "This item has two turns; write the second as a step of its own."));
    } else {
      turn = Optional.of(new Stated<>(new TypedTurn(size.getAsInt(), side, before), span));
    }
    return true;
  }

  private void readRest(Figure figure) {
    if (words.foot(at).isPresent()) {
      feet.add(new Stated<>(words.foot(at).get(), words.span(at)));
      at++;
    } else if (words.get(at).equals("both")) {
      both = true;
      at++;
    } else if (!readTravel() && !readTurn(false) && !readTimes() && !readDirection(figure)) {
      findings.add(
          Diagnostic.of(
              Code.UNKNOWN_WORD,
              words.span(at),
              "'"
                  + words.get(at)
                  + "' after "
                  + figure.name()
                  + " is not a foot, a direction, a turn or a repeat such as x2.",
              new Mend("Remove '" + words.get(at) + "'", words.span(at), "")));
      at++;
    }
  }

  private boolean readTravel() {
    if (!words.get(at).equals("to")) {
      return false;
    }
    int sideAt = words.get(at + 1).equals("the") ? at + 2 : at + 1;
    Optional<Side> side = words.side(sideAt);
    if (side.isEmpty()) {
      return false;
    }
    travel = Optional.of(new Stated<>(side.get(), words.span(at, sideAt + 1)));
    at = sideAt + 1;
    return true;
  }

  private boolean readTimes() {
    String word = words.get(at);
    if (word.isEmpty() || !TIMES.matcher(word).matches()) {
      return false;
    }
    int wanted = Integer.parseInt(word.replaceAll("\\D", ""));
    if (wanted < 1 || wanted > Limits.REPEATS) {
      findings.add(
          Diagnostic.of(
              Code.REPEAT_TIMES,
              words.span(at),
              "An item is danced 1 to " + Limits.REPEATS + " times, not " + wanted + "."));
    } else {
      times = wanted;
    }
    at++;
    return true;
  }

  private boolean readDirection(Figure figure) {
    Optional<WordTree.Match<Placement>> found = words.direction(at);
    if (found.isEmpty()) {
      return false;
    }
    SourceSpan span = words.span(at, at + found.get().length());
    if (!figure.understands(found.get().meaning())) {
      findings.add(
          Diagnostic.of(
              Code.DIRECTION_UNUSED,
              span,
              "A "
                  + figure.name()
                  + " is always danced the same way; this direction changes nothing.",
              new Mend("Remove '" + found.get().meaning().label() + "'", span, "")));
    } else if (direction.isPresent()) {
      findings.add(
          Diagnostic.of(
              Code.TWO_DIRECTIONS, span, "This item has two directions; the first one is taken."));
    } else {
      direction = Optional.of(found.get().meaning());
    }
    at += found.get().length();
    return true;
  }

  private void sayUnknownFigure() {
    if (findings.isFull()) {
      return;
    }
    if (words.size() == 0) {
      findings.add(
          Diagnostic.of(
              Code.UNKNOWN_FIGURE, line.span(), "A figure is missing between the commas."));
      return;
    }
    int from = Math.min(at, words.size() - 1);
    int to = from + 1;
    while (to < words.size() && isPlainWord(to)) {
      to++;
    }
    String typed = words.join(from, to);
    List<String> near = book.nearest(typed, OFFERS);
    if (near.isEmpty() && to - from > 1) {
      near = book.nearest(words.get(from), OFFERS);
    }
    SourceSpan span = words.span(from, to);
    String message = "'" + typed + "' is not a figure that the figure book knows";
    message +=
        near.isEmpty()
            ? "; write it as single steps, such as side R, together L."
            : "; near it: " + String.join(", ", near) + ".";
    findings.add(
        Diagnostic.of(Code.UNKNOWN_FIGURE, span, message)
            .withMends(
                near.stream().map(name -> new Mend("Change to " + name, span, name)).toList()));
  }

  private boolean isPlainWord(int index) {
    return words.foot(index).isEmpty()
        && TurnSize.eighths(words.get(index)).isEmpty()
        && words.direction(index).isEmpty()
        && !AFTER_FIGURE.matcher(words.get(index)).matches();
  }
}
