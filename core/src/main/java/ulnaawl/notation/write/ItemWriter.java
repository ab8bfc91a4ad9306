package ulnaawl.notation.write;

import java.util.List;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.TurnRule;
import ulnaawl.figure.TurnSize;
import ulnaawl.floor.Side;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Item;
import ulnaawl.notation.TypedTurn;

/** Writes items: {@code [TURN] FIGURE [FEET] [DIRECTION] [TURN] [both] [xN] [(note)]}. */
@RequiredArgsConstructor
final class ItemWriter {

  private final FigureBook book;

  String write(List<Item> items) {
    return items.stream().map(this::write).collect(Collectors.joining(", "));
  }

  private String write(Item item) {
    StringBuilder text = new StringBuilder();
    item.turn()
        .filter(turn -> turn.value().before())
        .ifPresent(turn -> text.append(write(turn.value())).append(' '));
    boolean bare = item.figure().isPlainStep() && item.direction().isPresent();
    if (bare) {
      text.append(item.direction().get().label());
    } else {
      text.append(item.figure().call());
    }
    item.feet().forEach(foot -> text.append(' ').append(foot.value().letter()));
    if (!bare && item.direction().isPresent()) {
      String direction = item.direction().get().label();
      boolean misread =
          item.feet().isEmpty() && book.find(item.figure().call() + " " + direction).isPresent();
      text.append(misread ? " x1 " : " ").append(direction);
    }
    item.travel().ifPresent(side -> text.append(" to ").append(side.value().letter()));
    item.turn()
        .filter(turn -> !turn.value().before())
        .ifPresent(turn -> text.append(' ').append(turnOf(item, turn.value())));
    item.ends()
        .ifPresent(
            weight -> text.append(weight == Weight.BOTH ? " both" : " weight " + weight.label()));
    if (item.times() > 1) {
      text.append(" x").append(item.times());
    }
    if (!item.note().isEmpty()) {
      text.append(" (").append(item.note()).append(')');
    }
    return text.toString();
  }

  /** A figure whose letter is the side, turned as far as it always is, says the side alone. */
  private static String turnOf(Item item, TypedTurn turn) {
    TurnRule rule = item.figure().turn();
    boolean usual =
        rule.letterIsSide() && rule.defaultEighths() == turn.eighths() && item.feet().isEmpty();
    return usual && turn.side().isPresent() ? turn.side().get().letter() : write(turn);
  }

  private static String write(TypedTurn turn) {
    return TurnSize.label(turn.eighths())
        + turn.side().map(Side::letter).map(letter -> " " + letter).orElse("");
  }
}
