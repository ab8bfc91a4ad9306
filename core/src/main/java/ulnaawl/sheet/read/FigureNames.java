package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Place;
import ulnaawl.dance.compile.LineWalk;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;
import ulnaawl.notation.Item;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.TypedTurn;

/**
 * Names the figures that a sheet spells out step by step: cross, back, side, together is a jazz
 * box. A name is only taken where the same feet do the same on the same counts.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
final class FigureNames {

  private final StepLine line;
  private final LineWalk walk;
  private final Footing from;
  private final FigureBook book;

  /** The line with its figures' names. */
  static StepLine named(StepLine line, LineWalk walk, Footing from, FigureBook book) {
    boolean all = walk.places().size() == line.counts().size() && walk.diagnostics().isEmpty();
    return all ? new FigureNames(line, walk, from, book).named() : line;
  }

  /** Items and the places that they fill. */
  private record Stretch(List<Item> items, int first, int end) {}

  private StepLine named() {
    List<Stretch> stretches = stretches();
    StepLine best = line;
    for (DancedFigure figure : DancedFigure.known(walk.places())) {
      int first = walk.places().indexOf(figure.first());
      int end = first + figure.places().size();
      List<Stretch> own =
          stretches.stream().filter(it -> it.first() >= first && it.end() <= end).toList();
      boolean covers =
          own.size() > 1 && own.getFirst().first() == first && own.getLast().end() == end;
      if (covers) {
        best = withName(best, own, figure).orElse(best);
      }
    }
    return best;
  }

  private List<Stretch> stretches() {
    List<Stretch> stretches = new ArrayList<>();
    int at = 0;
    for (Item item : line.items()) {
      int end = at;
      int runs = item.instances();
      for (int run = 0; run < runs && end < walk.places().size(); run++) {
        int number = walk.places().get(end).run();
        while (end < walk.places().size() && walk.places().get(end).run() == number) {
          end++;
        }
      }
      stretches.add(new Stretch(List.of(item), at, end));
      at = end;
    }
    return stretches;
  }

  private Optional<StepLine> withName(StepLine before, List<Stretch> own, DancedFigure danced) {
    Optional<Figure> figure = book.find(danced.first().known().figure());
    if (figure.isEmpty() || figure.get().isElementary()) {
      return Optional.empty();
    }
    List<Item> replaced = own.stream().flatMap(it -> it.items().stream()).toList();
    boolean turnFigure = replaced.stream().anyMatch(it -> turns(it.figure()));
    if (turnFigure && !turns(figure.get())) {
      return Optional.empty();
    }
    Item first = replaced.getFirst();
    Turn whole = danced.turn();
    Optional<Stated<TypedTurn>> turn =
        isUsual(figure.get(), danced, whole)
            ? Optional.empty()
            : Optional.of(
                new Stated<>(
                    new TypedTurn(Math.abs(whole.eighths()), Optional.of(whole.side()), false),
                    first.span()));
    boolean bySide = figure.get().turn().letterIsSide();
    Optional<Foot> lead = bySide ? Optional.empty() : danced.foot();
    Item named =
        new Item(
            figure.get(),
            lead.map(foot -> List.of(new Stated<>(foot, first.span()))).orElse(List.of()),
            Optional.empty(),
            Optional.empty(),
            turn,
            1,
            Optional.empty(),
            notes(replaced),
            first.span());
    List<Item> ways = new ArrayList<>(List.of(named));
    if (!saysWhere(figure.get())) {
      ways.add(
          new Item(
              named.figure(),
              named.feet(),
              Optional.of(danced.first().placement()),
              named.travel(),
              named.turn(),
              1,
              named.ends(),
              named.note(),
              named.span()));
    }
    for (Item way : ways) {
      StepLine line2 = with(before, replaced, way);
      if (isSame(line2)) {
        return Optional.of(line2);
      }
    }
    return Optional.empty();
  }

  /** Whether a figure is a turn: a spiral is not lost in a step and a hook. */
  private static boolean turns(Figure figure) {
    return figure.turn().defaultEighths() > 0;
  }

  /** Whether a figure turns so far and to that side where nothing is said. */
  private static boolean isUsual(Figure figure, DancedFigure danced, Turn whole) {
    Turn usual = danced.foot().flatMap(foot -> figure.turn().defaultTurn(foot)).orElse(Turn.NONE);
    return !figure.turn().letterIsSide() && usual.equals(whole);
  }

  /** Whether a figure's name says where it goes, so that it is not sent elsewhere. */
  private static boolean saysWhere(Figure figure) {
    return Stream.of(figure.name().split(" ")).anyMatch(word -> Placement.named(word).isPresent());
  }

  private static String notes(List<Item> items) {
    return String.join(
        "; ", items.stream().map(Item::note).filter(note -> !note.isEmpty()).toList());
  }

  private static StepLine with(StepLine before, List<Item> replaced, Item named) {
    List<Item> items = new ArrayList<>();
    boolean put = false;
    for (Item item : before.items()) {
      if (!isOneOf(replaced, item)) {
        items.add(item);
      } else if (!put) {
        items.add(named);
        put = true;
      }
    }
    return new StepLine(before.counts(), before.countsSpan(), items, true, before.span());
  }

  private static boolean isOneOf(List<Item> items, Item item) {
    for (Item one : items) {
      if (one.equals(item)) {
        return true;
      }
    }
    return false;
  }

  private boolean isSame(StepLine other) {
    LineWalk again = LineWalk.of(other, from.weight(), from.facing(), book);
    return again.diagnostics().isEmpty() && Place.areDancedLike(again.places(), walk.places());
  }
}
