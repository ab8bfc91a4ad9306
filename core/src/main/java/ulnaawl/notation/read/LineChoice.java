package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.FigureStep.Mover;
import ulnaawl.figure.Pattern;
import ulnaawl.figure.Placement;
import ulnaawl.figure.WeightEffect;
import ulnaawl.floor.Foot;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.Stated;
import ulnaawl.notation.TypedTurn;

/**
 * Puts what was read of a line into items. Where words can be taken in two ways (an ampersand is
 * "and" or a step, feet are listed or danced again) the reading that fills the places of the line
 * is taken, the plainest first.
 */
final class LineChoice {

  private static final int MOST_READINGS = 128;

  private final Line line;
  private final FigureBook book;
  private final List<Count> counts;
  private final Set<Item> bareTurns = new HashSet<>();

  LineChoice(Line line, List<Count> counts, FigureBook book) {
    this.line = line;
    this.counts = counts;
    this.book = book;
  }

  /**
   * One way of taking the line so far.
   *
   * @param cost how far from plain it is
   */
  private record Reading(List<Item> items, int cost) {

    Reading plus(List<Item> more, int dearer) {
      List<Item> all = new ArrayList<>(items);
      all.addAll(more);
      return new Reading(all, cost + dearer);
    }

    /** With another item in place of the last. */
    Reading last(Function<Item, Item> change, int dearer) {
      List<Item> all = new ArrayList<>(items);
      all.set(all.size() - 1, change.apply(all.getLast()));
      return new Reading(all, cost + dearer);
    }
  }

  /** The items. */
  List<Item> of(List<Element> elements) {
    return all(elements).getFirst();
  }

  /** All ways that fill the places, the plainest first; the plainest alone where none does. */
  List<List<Item>> all(List<Element> elements) {
    List<Reading> readings = List.of(new Reading(List.of(), 0));
    for (Element element : elements) {
      List<Reading> longer = new ArrayList<>();
      for (Reading reading : readings) {
        longer.addAll(
            switch (element) {
              case Element.Step it -> step(reading, it.draft());
              case Element.Ampersand it -> ampersand(reading, it);
              case Element.Again it -> List.of(again(reading, it));
            });
      }
      readings = longer.size() > MOST_READINGS ? longer.subList(0, MOST_READINGS) : longer;
    }
    Reading plainest = readings.getFirst();
    List<List<Item>> filling =
        readings.stream()
            .sorted(Comparator.comparingInt(Reading::cost))
            .map(Reading::items)
            .filter(this::fills)
            .distinct()
            .toList();
    return filling.isEmpty() ? List.of(plainest.items()) : filling;
  }

  private List<Reading> step(Reading so, Draft draft) {
    Item item = swivelled(so, draft.item(line, book));
    Reading before = isPivotAfterStep(so, item) ? so.last(LineChoice::forward, 0) : so;
    if (draft.isBareTurn()) {
      bareTurns.add(item);
    }
    Optional<Item> last =
        before.items().isEmpty() ? Optional.empty() : Optional.of(before.items().getLast());
    List<Reading> readings = new ArrayList<>();
    if (last.isPresent() && isAbsorbed(last.get(), item)) {
      readings.add(before.last(it -> absorb(it, item), 0));
    }
    if (last.isPresent() && isLastStep(last.get(), item)) {
      readings.add(before.last(it -> absorb(it, item), 2));
    }
    for (List<Item> way : ways(item)) {
      readings.add(before.plus(way, readings.size()));
    }
    if (last.isPresent() && bareTurns.contains(last.get()) && item.turn().isEmpty()) {
      readings.add(before.last(turn -> turnedFirst(turn, ways(item).getFirst().getFirst()), 1));
    }
    if (last.isPresent()) {
      Lexicon.standard()
          .instead(book, Lexicon.Case.LAST_STEP_CHANGED, last.get().figure().name())
          .ifPresent(shorter ->
              readings.add(
                  before.last(it -> it.withFigure(shorter), 2).plus(ways(item).getFirst(), 0)));
    }
    if (last.isPresent() && draft.isBareTurn() && last.get().turn().isEmpty()) {
      readings.add(before.last(it -> it.withTurn(item.turn()), 1));
    }
    if (last.isPresent() && draft.afterAnd && isSmall(item)) {
      readings.add(before.last(it -> it.withNote(words(item)), 2));
    }
    return readings;
  }

  /** "Swivel heels right, toes right": the toes swivel as well. */
  private Item swivelled(Reading before, Item item) {
    boolean part = item.figure().name().equals("heel") || item.figure().name().equals("toe");
    boolean goesOn =
        part
            && item.direction().isEmpty()
            && !before.items().isEmpty()
            && before.items().getLast().figure().name().equals("swivel");
    // A swivel is of both feet by itself.
    return goesOn
        ? item.withFigure(before.items().getLast().figure()).withEnds(Optional.empty())
        : item;
  }

  /** "Step right, pivot 1/4 left": one steps forward to pivot. */
  private static boolean isPivotAfterStep(Reading before, Item item) {
    if (before.items().isEmpty() || !item.figure().name().equals("pivot")) {
      return false;
    }
    Item last = before.items().getLast();
    return last.figure().isPlainStep()
        && last.direction().isEmpty()
        && last.travel().isEmpty()
        && last.turn().isEmpty();
  }

  private static Item forward(Item step) {
    return step.withDirection(Placement.FWD);
  }

  /** "Turning 1/2 right, shuffle back": the turn comes first. */
  private static Item turnedFirst(Item turn, Item item) {
    return item.withTurn(
        turn.turn()
            .map(it ->
                new Stated<>(
                    new TypedTurn(it.value().eighths(), it.value().side(), true), it.span())));
  }

  private Reading again(Reading before, Element.Again again) {
    List<Item> copies = new ArrayList<>();
    for (Item item : named(before.items(), again)) {
      copies.add(again.mirrored() ? item.mirrored() : item);
    }
    return before.plus(copies, 0);
  }

  /** The items on the counts that are said; none where these do not stand on this line. */
  private List<Item> named(List<Item> items, Element.Again again) {
    if (again.counts().isEmpty()) {
      return items;
    }
    int first = again.counts().get().first();
    int last = again.counts().get().last();
    List<Item> found = new ArrayList<>();
    int at = 0;
    for (Item item : items) {
      int end = at + item.usualPlaces();
      if (end > counts.size()) {
        return List.of();
      }
      boolean within = counts.get(at).number() >= first && counts.get(end - 1).number() <= last;
      if (within) {
        found.add(item);
      }
      at = end;
    }
    boolean all =
        !found.isEmpty()
            && counts.getFirst().number() <= first
            && at > 0
            && counts.get(at - 1).number() >= last;
    return all ? found : List.of();
  }

  /** The ways of taking one item by itself: as several, or with its feet only listed. */
  private static List<List<Item>> ways(Item item) {
    FigureStep first = item.figure().patterns().getFirst().steps().getFirst();
    if (first.action().withBoth() && first.action().effect() == WeightEffect.STILL) {
      return List.of(sides(item));
    }
    List<List<Item>> ways = new ArrayList<>();
    if (item.feet().size() > 1) {
      boolean listed =
          item.figure().danced(item.direction()).stream()
              .anyMatch(pattern -> lists(item.feet(), pattern));
      if (listed) {
        ways.add(List.of(item.withFeet(item.feet().subList(0, 1))));
      }
    }
    ways.add(List.of(item));
    return ways;
  }

  /** What both feet do goes to a side: heels right, heels left. */
  private static List<Item> sides(Item item) {
    if (item.feet().isEmpty()) {
      return List.of(item);
    }
    List<Item> items = new ArrayList<>();
    for (Stated<Foot> foot : item.feet()) {
      items.add(
          item.withFeet(List.of())
              .withTravel(Optional.of(new Stated<>(foot.value().side(), foot.span()))));
    }
    return items;
  }

  /** Whether some feet are those of a figure, one for each step or for each change of feet. */
  private static boolean lists(List<Stated<Foot>> feet, Pattern pattern) {
    if (pattern.places() == 1) {
      return false;
    }
    List<Foot> typed = feet.stream().map(Stated::value).toList();
    List<Foot> all = new ArrayList<>();
    List<Foot> changes = new ArrayList<>();
    for (FigureStep step : pattern.steps()) {
      if (step.mover() != Mover.NONE) {
        Foot foot = step.mover() == Mover.LEAD ? typed.getFirst() : typed.getFirst().other();
        all.add(foot);
        if (changes.isEmpty() || changes.getLast() != foot) {
          changes.add(foot);
        }
      }
    }
    return typed.equals(all) || (changes.size() > 1 && typed.equals(changes));
  }

  private static boolean isAbsorbed(Item rock, Item recover) {
    if (!recover.figure().name().equals("recover") || rock.times() > 1) {
      return false;
    }
    FigureStep last = rock.figure().patterns().getFirst().steps().getLast();
    boolean recovers = last.action().name().equals("recover");
    boolean otherFoot =
        rock.feet().isEmpty()
            || recover.feet().isEmpty()
            || rock.feet().getLast().value() != recover.feet().getFirst().value();
    return recovers && otherFoot && rock.feet().size() <= 1;
  }

  /** "Heel grind left, step back on right": the step is the figure's last, spelled out. */
  private static boolean isLastStep(Item figure, Item step) {
    FigureStep last = figure.figure().patterns().getFirst().steps().getLast();
    return last.action().name().equals("recover")
        && last.mover() == Mover.OTHER
        && !figure.figure().name().contains("rock")
        && figure.times() == 1
        && figure.feet().size() == 1
        && step.figure().isPlainStep()
        && step.feet().size() == 1
        && step.feet().getFirst().value() != figure.feet().getFirst().value();
  }

  private static Item absorb(Item rock, Item recover) {
    Item with =
        recover.turn().isPresent() && rock.turn().isEmpty() ? rock.withTurn(recover.turn()) : rock;
    return recover.note().isEmpty() ? with : with.withNote(recover.note());
  }

  /** Whether something may share a place with the step before: a clap, a touch at its end. */
  private static boolean isSmall(Item item) {
    FigureStep only = item.figure().patterns().getFirst().steps().getFirst();
    boolean light =
        only.action().effect() == WeightEffect.STILL || only.action().effect() == WeightEffect.FREE;
    return light && item.figure().isElementary() && item.times() == 1;
  }

  private String words(Item item) {
    int start = item.span().start() - line.start();
    return line.text().substring(start, item.span().end() - line.start());
  }

  private List<Reading> ampersand(Reading before, Element.Ampersand sign) {
    if (before.items().isEmpty() || counts.stream().allMatch(Count::isWhole)) {
      return List.of(before);
    }
    Item last = before.items().getLast();
    FigureStep end = last.figure().patterns().getFirst().steps().getLast();
    if (last.feet().isEmpty() || end.action().effect() != WeightEffect.FREE) {
      return List.of(before);
    }
    Figure step = book.find("step").orElseThrow();
    Item together =
        new Item(
            step,
            List.of(new Stated<>(last.feet().getLast().value(), line.span(sign.from(), sign.to()))),
            Optional.of(Placement.TOGETHER),
            Optional.empty(),
            Optional.empty(),
            1,
            Optional.empty(),
            "",
            line.span(sign.from(), sign.to()));
    return List.of(before, before.plus(List.of(together), 1));
  }

  /** Whether some way of dancing the items has as many steps as the line has places. */
  private boolean fills(List<Item> items) {
    Set<Integer> sums = new TreeSet<>(Set.of(0));
    for (Item item : items) {
      Set<Integer> longer = new TreeSet<>();
      int instances = item.instances();
      for (Pattern pattern : item.figure().danced(item.direction())) {
        for (int sum : sums) {
          longer.add(sum + pattern.places() * instances);
        }
      }
      sums = longer;
    }
    return sums.contains(counts.size());
  }
}
