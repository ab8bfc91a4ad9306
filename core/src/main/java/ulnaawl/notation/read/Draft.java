package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Item;
import ulnaawl.notation.Stated;
import ulnaawl.notation.TypedTurn;
import ulnaawl.text.SourceSpan;

/** What has been understood of one item so far. */
final class Draft {

  Optional<Figure> figure = Optional.empty();
  String name = "";
  final List<Stated<Foot>> feet = new ArrayList<>();
  Optional<Placement> placement = Optional.empty();

  /** Whether a direction alone is said already, with its feet after it: a whole step. */
  boolean wholeStep;

  /** Whether the placement was said by way of the other foot. */
  boolean byLandmark;

  Optional<SourceSpan> placementSpan = Optional.empty();
  Optional<Stated<Side>> travel = Optional.empty();
  OptionalInt size = OptionalInt.empty();
  Optional<Side> side = Optional.empty();
  boolean before;
  Optional<SourceSpan> turnSpan = Optional.empty();
  int times = 1;
  Optional<Weight> ends = Optional.empty();

  /** Whether "and", or the sign for it, stood before it. */
  boolean afterAnd;

  private final List<String> remarks = new ArrayList<>();
  private int from = Integer.MAX_VALUE;
  private int to;

  boolean isEmpty() {
    return figure.isEmpty() && placement.isEmpty() && feet.isEmpty() && size.isEmpty();
  }

  /** Whether it says no more than a turn. */
  boolean isBareTurn() {
    return size.isPresent() && figure.isEmpty() && placement.isEmpty() && feet.isEmpty();
  }

  boolean hasAction() {
    return figure.isPresent() || placement.isPresent();
  }

  boolean is(String figureName) {
    return figure.map(it -> it.name().equals(figureName)).orElse(false);
  }

  /** A step of which nothing says where it goes. */
  boolean isPlainStep() {
    return is("step") && placement.isEmpty() && size.isEmpty() && travel.isEmpty();
  }

  void covers(int begin, int end) {
    from = Math.min(from, begin);
    to = Math.max(to, end);
  }

  void remark(String text) {
    if (!text.isEmpty()) {
      remarks.add(text);
    }
  }

  void turn(SourceSpan span) {
    turnSpan = Optional.of(turnSpan.map(it -> it.cover(span)).orElse(span));
  }

  SourceSpan span(Line line) {
    return line.span(Math.min(from, to), to);
  }

  /** Makes it what its name means in some case; whether that is another figure. */
  boolean becomes(FigureBook book, Lexicon.Case when) {
    Optional<Figure> other =
        figure.flatMap(it -> Lexicon.standard().instead(book, when, it.name()));
    other.ifPresent(_ -> figure = other);
    return other.isPresent();
  }

  /** The item; a direction or a foot alone is a step, a turn alone a pivot. */
  Item item(Line line, FigureBook book) {
    Figure named = figure.orElseGet(() -> book.find(isBareTurn() ? "pivot" : "step").orElseThrow());
    Optional<Placement> way = placement;
    if (figure.isEmpty() && way.isEmpty() && size.isPresent() && !feet.isEmpty()) {
      // "1/4 R R" and "R 1/4 R": one turns and steps on.
      way = Optional.of(Placement.FWD);
    }
    List<Stated<Foot>> leading = new ArrayList<>(feet);
    Optional<Side> turnSide = side;
    if (turnSide.isEmpty() && !leading.isEmpty() && letterIsSide(named)) {
      Stated<Foot> letter = leading.removeFirst();
      turnSide = Optional.of(letter.value().side());
      turn(letter.span());
    }
    Optional<Stated<TypedTurn>> turned = Optional.empty();
    if (size.isPresent() || turnSide.isPresent()) {
      int eighths = size.orElse(named.turn().defaultEighths());
      boolean first = before && !isBareTurn();
      if (eighths > 0) {
        turned =
            Optional.of(
                new Stated<>(new TypedTurn(eighths, turnSide, first), turnSpan.orElse(span(line))));
      }
    }
    return new Item(
        named, leading, way, travel, turned, times, ends, String.join("; ", remarks), span(line));
  }

  /** After a turn on the spot a letter is the side one turns to, not a foot. */
  private boolean letterIsSide(Figure named) {
    return named.turn().letterIsSide() || name.equals("pivot turn") || isBareTurn();
  }
}
