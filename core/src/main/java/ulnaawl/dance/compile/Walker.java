package ulnaawl.dance.compile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.dance.Call;
import ulnaawl.dance.Place;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.Pattern;
import ulnaawl.figure.Placement;
import ulnaawl.figure.WeightEffect;
import ulnaawl.floor.Foot;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Side;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.TypedTurn;
import ulnaawl.text.Diagnostic;

/** Walks through step lines with two feet: knows at every moment which carries the body. */
final class Walker {

  private static final int FULL = 8;

  private final List<Diagnostic> findings;
  private Weight weight;
  private String since = "the start";
  private RelativeFacing facing = RelativeFacing.START;
  private int run;

  /** A line before could not be read whole: the next typed foot tells where the weight is. */
  private boolean unsure;

  private boolean lineIsWhole = true;

  Walker(Weight weight, List<Diagnostic> findings) {
    this.weight = weight;
    this.findings = findings;
  }

  Walker facing(RelativeFacing start, int firstRun) {
    facing = start;
    run = firstRun;
    return this;
  }

  Weight weight() {
    return weight;
  }

  RelativeFacing facing() {
    return facing;
  }

  int run() {
    return run;
  }

  /**
   * Walks a line.
   *
   * @param section number of the section
   * @param start counts of the passage before the section
   */
  List<Place> walk(StepLine line, int section, int start) {
    lineIsWhole = line.whole();
    unsure |= !lineIsWhole;
    List<Pattern> patterns = Rhythms.choose(line);
    List<Step> steps = new ArrayList<>(line.counts().size());
    int next = 0;
    for (Item item : line.items()) {
      Pattern pattern = patterns.get(next++);
      int instances = item.instances();
      for (int instance = 0; instance < instances; instance++) {
        Optional<Stated<Foot>> foot =
            item.feet().isEmpty()
                ? Optional.empty()
                : Optional.of(item.feet().get(instance % item.feet().size()));
        expand(item, foot, pattern, new Instance(instance, instances), steps);
      }
    }
    if (line.whole() && steps.size() != line.counts().size()) {
      findings.add(WalkRemarks.places(line, steps.size()));
    }
    List<Place> places = new ArrayList<>(steps.size());
    int most = line.counts().size();
    for (int i = 0; i < steps.size(); i++) {
      Count count = most == 0 ? Count.of(1) : line.counts().get(Math.min(i, most - 1));
      Place place = dance(steps.get(i), section, count, start);
      if (i < most) {
        places.add(place);
      }
    }
    // What could not be read has no place; the rest of its line would stand at the wrong counts.
    return line.whole() ? places : List.of();
  }

  /**
   * One time that an item is danced.
   *
   * @param number from 0
   * @param of how often it is danced in all
   */
  private record Instance(int number, int of) {
    boolean isLast() {
      return number == of - 1;
    }
  }

  private record Step(
      Item item,
      Optional<Stated<Foot>> lead,
      FigureStep step,
      int number,
      int places,
      Instance instance) {}

  private static void expand(
      Item item,
      Optional<Stated<Foot>> lead,
      Pattern pattern,
      Instance instance,
      List<Step> steps) {
    int number = 1;
    for (FigureStep step : pattern.steps()) {
      steps.add(new Step(item, lead, step, number++, pattern.places(), instance));
    }
  }

  private Foot lead = Foot.RIGHT;
  private List<Turn> turns = List.of();
  private Call call = Call.NOTHING;

  private Place dance(Step step, int section, Count count, int start) {
    Item item = step.item();
    if (step.number() == 1) {
      begin(step);
    }
    Optional<Foot> foot =
        switch (step.step().mover()) {
          case LEAD -> Optional.of(lead);
          case OTHER -> Optional.of(lead.other());
          case NONE -> Optional.empty();
        };
    Weight before = weight;
    boolean last = step.number() == step.places();
    Weight after = after(step.step(), foot, step.lead().isPresent());
    if (last && step.instance().isLast() && item.ends().isPresent()) {
      after = ends(item, step.step(), after);
    }
    if (after != before) {
      since =
          (section > 0
              ? "count " + count.label() + " of section " + section
              : "count " + count.label());
    }
    weight = after;
    Turn turn = turns.get(step.number() - 1);
    facing = facing.plus(turn);
    return new Place(
        section,
        count,
        count.plusCounts(start),
        foot,
        step.step().action(),
        TurnedSteps.placement(item.figure(), step.step(), step.number(), lead, turns),
        before,
        after,
        turn,
        turnsFirst(item),
        facing,
        item.figure().name(),
        run - 1,
        step.number(),
        new Place.Known(item.figure().name(), run - 1),
        call,
        item.note(),
        item.span());
  }

  /** A typed turn in front comes first; a named figure's turn is danced into its step. */
  private static boolean turnsFirst(Item item) {
    boolean typedFirst = item.turn().map(turn -> turn.value().before()).orElse(false);
    return typedFirst || !item.figure().turn().steps().isEmpty();
  }

  private void begin(Step step) {
    Item item = step.item();
    FigureStep first = step.step();
    lead = chooseLead(item, step.lead(), first);
    turns = turnsOf(item, step.places(), step.instance());
    call = callOf(item);
    run++;
  }

  /** Where an item says that its last step leaves the weight. */
  private Weight ends(Item item, FigureStep step, Weight otherwise) {
    Weight said = item.ends().orElseThrow();
    WeightEffect effect = step.action().effect();
    boolean free =
        effect == WeightEffect.SETTLES
            || (step.action().withBoth() && effect == WeightEffect.STILL);
    if (said == otherwise || free || (said == Weight.BOTH && effect == WeightEffect.TAKES)) {
      return said;
    }
    findings.add(
        said == Weight.BOTH
            ? WalkRemarks.both(item, step.action().name())
            : WalkRemarks.ends(item, said, otherwise));
    return otherwise;
  }

  private Weight after(FigureStep step, Optional<Foot> foot, boolean footTyped) {
    return switch (step.action().effect()) {
      case TAKES, SHIFTS -> foot.map(Weight::on).orElse(weight);
      case SETTLES -> footTyped ? foot.map(Weight::on).orElse(weight) : weight;
      case LANDS -> Weight.BOTH;
      case FREE, STILL, HOPS -> weight;
    };
  }

  /** The leading foot: as typed, else by the travel, else the free one. */
  private Foot chooseLead(Item item, Optional<Stated<Foot>> typed, FigureStep first) {
    WeightEffect effect = first.action().effect();
    boolean needsFree = effect == WeightEffect.TAKES || effect == WeightEffect.FREE;
    Optional<Foot> travelling = item.travel().map(side -> footFor(side.value(), first));
    if (typed.isPresent()) {
      Foot foot = typed.get().value();
      if (travelling.isPresent() && travelling.get() != foot) {
        findings.add(WalkRemarks.travel(item, foot));
      }
      boolean free = weight.frees(foot);
      if (needsFree && unsure) {
        weight = free ? weight : Weight.on(foot.other());
        unsure = !lineIsWhole;
      } else if (needsFree && !free) {
        findings.add(WalkRemarks.notFree(item, typed.get(), since));
      } else if (effect == WeightEffect.HOPS && weight != Weight.BOTH && weight.frees(foot)) {
        findings.add(WalkRemarks.hop(typed.get(), weight, since));
      }
      return foot;
    }
    Optional<Foot> free = weight.freeFoot();
    if (travelling.isPresent()) {
      if (needsFree && !weight.frees(travelling.get())) {
        findings.add(WalkRemarks.travel(item, travelling.get().other()));
      }
      return travelling.get();
    }
    if (free.isEmpty() && needsFree) {
      findings.add(WalkRemarks.whichFoot(item, since));
    }
    Foot chosen = free.orElse(Foot.RIGHT);
    return effect == WeightEffect.HOPS ? chosen.other() : chosen;
  }

  private static Foot footFor(Side travel, FigureStep first) {
    Foot same = travel == Side.RIGHT ? Foot.RIGHT : Foot.LEFT;
    boolean crosses = first.placement() == Placement.CROSS || first.placement() == Placement.BEHIND;
    return crosses ? same.other() : same;
  }

  private List<Turn> turnsOf(Item item, int places, Instance instance) {
    Figure figure = item.figure();
    if (item.turn().isEmpty()) {
      Turn own = figure.turn().defaultTurn(lead).orElse(Turn.NONE);
      return figure.turn().spread(own, places);
    }
    TypedTurn typed = item.turn().get().value();
    if (typed.side().isEmpty() && figure.turn().steps().isEmpty()) {
      findings.add(WalkRemarks.turnSide(item.turn().get()));
    }
    Side side = typed.side().orElse(figure.turn().defaultSide(lead));
    Turn turn = Turn.of(typed.eighths(), side);
    boolean turnsByItself = figure.turn().defaultEighths() > 0;
    if (item.feet().size() > 1 && figure.isElementary() && !turnsByItself) {
      if (instance.number() == 0 && !typed.before()) {
        findings.add(WalkRemarks.wholeTurn(item, turn));
      }
      return shared(item, typed, side, instance);
    }
    boolean away = turnsByItself && !figure.turn().toward();
    if (away && places > 1 && side != figure.turn().defaultSide(lead)) {
      findings.add(WalkRemarks.unusualFoot(item, lead, side));
    }
    if (typed.before() && !turnsByItself) {
      List<Turn> result = new ArrayList<>(java.util.Collections.nCopies(places, Turn.NONE));
      result.set(0, turn);
      return result;
    }
    return figure.turn().spread(turn, places);
  }

  /**
   * "Walk R L R L 3/4 L": the turn of all the steps; in front of them it comes before the first.
   */
  private static List<Turn> shared(Item item, TypedTurn typed, Side side, Instance instance) {
    if (typed.before()) {
      return List.of(instance.number() == 0 ? Turn.of(typed.eighths(), side) : Turn.NONE);
    }
    int feet = item.feet().size();
    int number = instance.number() % feet;
    int share = typed.eighths() * (number + 1) / feet - typed.eighths() * number / feet;
    return List.of(Turn.of(share, side));
  }

  private Call callOf(Item item) {
    boolean bareStep = item.figure().isPlainStep() && item.direction().isPresent();
    boolean footless =
        item.figure().patterns().getFirst().steps().getFirst().mover() == FigureStep.Mover.NONE;
    Turn whole = Turn.sum(turns);
    boolean bySide = item.figure().turn().letterIsSide();
    boolean full = item.figure().turn().defaultEighths() == FULL;
    boolean inItsName = full && (item.turn().isEmpty() || (bySide && isFull(whole)));
    return new Call(
        bareStep ? item.direction().orElseThrow().label() : item.figure().call(),
        bareStep ? Optional.empty() : item.direction(),
        footless || bySide ? Optional.empty() : Optional.of(lead),
        bySide && inItsName
            ? Optional.of(whole.side())
            : footless ? item.travel().map(Stated::value) : Optional.empty(),
        inItsName ? Turn.NONE : whole,
        bareStep ? Optional.empty() : item.figure().guide().aloud());
  }

  private static boolean isFull(Turn turn) {
    return Math.abs(turn.eighths()) == FULL;
  }
}
