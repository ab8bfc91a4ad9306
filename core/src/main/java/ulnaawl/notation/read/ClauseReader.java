package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.figure.WeightEffect;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Limits;
import ulnaawl.notation.Stated;
import ulnaawl.notation.read.Meaning.Joint;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.text.SourceSpan;

/**
 * Reads the words of a step line as a colleague would, whatever their order: which figure, which
 * foot, where to, how far turned. Feet before and after the figure, other feet as landmarks ("over
 * left"), remarks and little words all have their place.
 */
final class ClauseReader {

  private final Line line;
  private final boolean between;
  private final FigureBook book;
  private final UnknownWords unknown;
  private final Findings findings;
  private final List<Mark> marks;
  private final List<Element> elements = new ArrayList<>();
  private Draft draft = new Draft();
  private boolean afterAnd;
  private boolean whole = true;

  /** The element that the steps since the last sign that parts begin with. */
  private int clause;

  private int at;

  /** A step, or the sign between two, which may be one. */
  sealed interface Element {
    record Step(Draft draft) implements Element {}

    record Ampersand(int from, int to) implements Element {}

    /** All that stands before once more, with the other feet where it is mirrored. */
    record Again(boolean mirrored, int from, int to) implements Element {}
  }

  /**
   * What was read.
   *
   * @param whole whether every word was understood
   */
  record Result(List<Element> elements, boolean whole) {}

  private ClauseReader(Line line, boolean between, FigureBook book, Findings findings) {
    this.between = between;
    this.line = line;
    this.book = book;
    this.findings = findings;
    this.unknown = new UnknownWords(line, book, findings);
    this.marks = FeetLists.join(Marker.of(Token.of(line), book));
  }

  /**
   * Reads the steps of a line.
   *
   * @param between whether the line has counts between the beats
   */
  static Result read(Line line, boolean between, FigureBook book, Findings findings) {
    ClauseReader reader = new ClauseReader(line, between, book, findings);
    reader.readAll();
    return new Result(reader.elements, reader.whole);
  }

  private void readAll() {
    while (at < marks.size() && elements.size() < Limits.COUNT) {
      Mark mark = marks.get(at);
      at++;
      take(mark);
    }
    endClause();
    stepsOfLocks();
  }

  private void take(Mark mark) {
    switch (mark.meaning()) {
      case Meaning.Named it -> named(it, mark);
      case Meaning.Feet it -> feet(it.feet(), mark);
      case Meaning.To it -> to(it.placement(), mark);
      case Meaning.Over it -> over(it.placement(), mark);
      case Meaning.Size it -> size(it.eighths(), mark);
      case Meaning.Times it -> times(it.times(), mark);
      case Meaning.Remark it -> remark(it.text(), mark);
      case Meaning.Unknown it -> unknown(mark);
      case Joint it -> joint(it, mark);
    }
  }

  private void joint(Joint joint, Mark mark) {
    switch (joint) {
      case STOP -> endClause();
      case AND, AMPERSAND -> and(joint, mark);
      case COLON -> spelled(mark);
      case STEPPING -> {
        if (draft.figure.isEmpty()) {
          named(new Meaning.Named(book.find("step").orElseThrow(), "step"), mark);
        }
      }
      case TOWARDS -> towards(mark);
      case BOTH -> both(mark);
      case WEIGHT -> weight(mark);
      case NO_WEIGHT -> last().withoutWeight(book);
      case CENTRE -> centre(mark);
      case REPEAT -> repeat(mark);
      case SUPPORT -> {
        if (nextIs(Meaning.Feet.class)) {
          skip();
        }
      }
      case TURN -> {
        if (draft.size.isPresent()) {
          draft.turn(line.span(mark.from(), mark.to()));
        }
      }
      case SHOULDER, FILLER -> {
        // Says nothing that is not said otherwise.
      }
    }
  }

  private Optional<Meaning> next() {
    return next(at);
  }

  private Optional<Meaning> next(int from) {
    for (int i = from; i < marks.size(); i++) {
      if (marks.get(i).meaning() != Joint.FILLER) {
        return Optional.of(marks.get(i).meaning());
      }
    }
    return Optional.empty();
  }

  private Mark nextMark() {
    int i = at;
    while (marks.get(i).meaning() == Joint.FILLER) {
      i++;
    }
    return marks.get(i);
  }

  private boolean nextIs(Class<? extends Meaning> kind) {
    return next().filter(kind::isInstance).isPresent();
  }

  /** Goes to behind the next mark that is not filler. */
  private Mark skip() {
    while (marks.get(at).meaning() == Joint.FILLER) {
      at++;
    }
    Mark mark = marks.get(at);
    at++;
    draft.covers(mark.from(), mark.to());
    return mark;
  }

  /** "Step R, lock L, step R": a step before or after a lock goes forward. */
  private void stepsOfLocks() {
    for (int i = 0; i < elements.size(); i++) {
      if (elements.get(i) instanceof Element.Step step
          && step.draft().isPlainStep()
          && (isLock(i - 1) || isLock(i + 1))) {
        step.draft().placement = Optional.of(Placement.FWD);
      }
    }
  }

  private boolean isLock(int index) {
    return index >= 0
        && index < elements.size()
        && elements.get(index) instanceof Element.Step step
        && step.draft().is("lock");
  }

  private void endClause() {
    finish();
    leadComesLast();
    clause = elements.size();
  }

  /** "Step lock step scuff R": a foot at the very end is that of the first step. */
  private void leadComesLast() {
    List<Draft> own = new ArrayList<>();
    for (Element element : elements.subList(Math.min(clause, elements.size()), elements.size())) {
      if (element instanceof Element.Step step) {
        own.add(step.draft());
      }
    }
    boolean lastOnly =
        own.size() > 1
            && !own.getLast().feet.isEmpty()
            && own.stream().limit(own.size() - 1L).allMatch(it -> it.feet.isEmpty());
    if (lastOnly && own.stream().allMatch(it -> it.figure.isPresent())) {
      own.getFirst().feet.addAll(own.getLast().feet);
      own.getLast().feet.clear();
    }
  }

  private void finish() {
    if (!draft.isEmpty()) {
      if (draft.is("jump") && !draft.feet.isEmpty()) {
        // Feet that land one after the other: "jump fwd R L".
        draft.figure = book.find("jump apart");
      }
      sayDirectionUnused();
      draft.afterAnd = afterAnd;
      elements.add(new Element.Step(draft));
      afterAnd = false;
      draft = new Draft();
    }
  }

  private void and(Joint joint, Mark mark) {
    if (draft.isBareTurn()) {
      return;
    }
    endClause();
    afterAnd = !elements.isEmpty();
    if (joint == Joint.AMPERSAND) {
      elements.add(new Element.Ampersand(mark.from(), mark.to()));
    }
  }

  private void named(Meaning.Named typed, Mark mark) {
    Figure figure = meant(typed);
    if (draft.figure.isPresent()) {
      Figure verb = draft.figure.get();
      Optional<Lexicon.Joined> joined = Lexicon.standard().together(verb.name(), figure.name());
      if (joined.isPresent()) {
        draft.figure = book.find(joined.get().figure());
        if (joined.get().placement().isPresent() && draft.placement.isEmpty()) {
          draft.placement = joined.get().placement();
        }
        draft.covers(mark.from(), mark.to());
        if (figure.name().equals("full turn") && draft.size.isEmpty()) {
          draft.size = OptionalInt.of(figure.turn().defaultEighths());
          draft.turn(line.span(mark.from(), mark.to()));
        }
        return;
      }
      finish();
      afterAnd = isManner(mark);
    } else if (draft.wholeStep
        || (draft.placement.isPresent() && !draft.feet.isEmpty() && figure.isPlainStep())) {
      finish();
      afterAnd = isManner(mark);
    }
    if (draft.isEmpty() && !elements.isEmpty() && isManner(mark)) {
      afterAnd = true;
    }
    draft.figure = Optional.of(figure);
    draft.name = typed.name();
    draft.covers(mark.from(), mark.to());
  }

  private Figure meant(Meaning.Named typed) {
    return between
        ? Lexicon.standard().between(typed.name()).flatMap(book::find).orElse(typed.figure())
        : typed.figure();
  }

  /** "Sweeping left", "with a touch": how the step before is danced. */
  private boolean isManner(Mark mark) {
    return line.lower().substring(mark.from(), mark.to()).endsWith("ing")
        || line.lower().substring(0, mark.from()).matches(".*\\bwith (an? )?");
  }

  private void feet(List<Foot> feet, Mark mark) {
    SourceSpan span = line.span(mark.from(), mark.to());
    if (isTurnSide()) {
      draft.side = Optional.of(feet.getFirst().side());
      draft.turn(span);
      draft.covers(mark.from(), mark.to());
      feet.stream().skip(1).forEach(foot -> draft.feet.add(new Stated<>(foot, span)));
      return;
    }
    boolean another =
        (nextIs(Meaning.Named.class) && !isManner(nextMark())) || nextIs(Meaning.To.class);
    if (another && draft.hasAction() && !draft.feet.isEmpty()) {
      finish();
    }
    draft.wholeStep = draft.figure.isEmpty() && draft.placement.isPresent();
    feet.forEach(foot -> draft.feet.add(new Stated<>(foot, span)));
    draft.covers(mark.from(), mark.to());
  }

  /** Whether the feet at hand are the side of a turn: they follow its size, or stand before it. */
  private boolean isTurnSide() {
    if (draft.side.isPresent()) {
      return false;
    }
    Optional<Meaning> before = Optional.empty();
    boolean turnWord = false;
    for (int i = at - 2; i >= 0; i--) {
      Meaning meaning = marks.get(i).meaning();
      turnWord |= meaning == Joint.TURN;
      if (meaning != Joint.FILLER && meaning != Joint.TURN) {
        before = Optional.of(meaning);
        break;
      }
    }
    if (draft.size.isPresent() && before.filter(Meaning.Size.class::isInstance).isPresent()) {
      return true;
    }
    return turnWord && draft.size.isEmpty() && nextIs(Meaning.Size.class);
  }

  private void to(Placement placement, Mark mark) {
    Optional<Placement> diagonal = draft.placement.flatMap(it -> diagonal(it, placement));
    if (diagonal.isPresent()) {
      draft.placement = diagonal;
      draft.covers(mark.from(), mark.to());
      return;
    }
    if ((draft.figure.isEmpty() && draft.placement.isPresent()) || goesOn()) {
      finish();
    }
    setPlacement(placement, mark);
  }

  /** "Cross side behind side": a figure whose name is its steps, and one step more. */
  private boolean goesOn() {
    String last = draft.name.substring(draft.name.lastIndexOf(' ') + 1);
    return draft.figure.isPresent()
        && marks.get(at - 2).meaning() instanceof Meaning.Named
        && Placement.named(last).isPresent();
  }

  /** "Diagonally fwd", "back to the diagonal": two words for one direction. */
  private static Optional<Placement> diagonal(Placement one, Placement two) {
    Set<Placement> both = EnumSet.of(one, two);
    if (both.equals(EnumSet.of(Placement.DIAG_FWD, Placement.FWD))) {
      return Optional.of(Placement.DIAG_FWD);
    }
    return both.equals(EnumSet.of(Placement.DIAG_FWD, Placement.BACK))
        ? Optional.of(Placement.DIAG_BACK)
        : Optional.empty();
  }

  /** A figure that goes its own way is not sent elsewhere; that is said. */
  private void sayDirectionUnused() {
    if (draft.figure.isEmpty() || draft.placement.isEmpty()) {
      return;
    }
    Figure figure = draft.figure.get();
    Placement placement = draft.placement.get();
    boolean onTheSpot = placement == Placement.IN_PLACE && figure.isElementary();
    if (figure.understands(placement) || onTheSpot) {
      return;
    }
    boolean harmless =
        draft.byLandmark
            || figure.name().equals("recover")
            || figure.patterns().getFirst().steps().stream()
                .anyMatch(step -> step.placement() == placement);
    if (!harmless) {
      SourceSpan span = draft.placementSpan.orElse(draft.span(line));
      findings.add(
          Diagnostic.of(
              Code.DIRECTION_UNUSED,
              span,
              "A "
                  + figure.name()
                  + " is always danced the same way; this direction changes nothing.",
              new Mend("Remove '" + placement.label() + "'", span, "")));
    }
    draft.placement = Optional.empty();
  }

  private void setPlacement(Placement placement, Mark mark) {
    SourceSpan span = line.span(mark.from(), mark.to());
    draft.covers(mark.from(), mark.to());
    boolean redundant = draft.placement.filter(placement::equals).isPresent();
    if (draft.placement.isPresent() && !redundant) {
      findings.add(
          Diagnostic.of(
              Code.TWO_DIRECTIONS, span, "This item has two directions; the first one is taken."));
      return;
    }
    draft.placement = Optional.of(placement);
    draft.placementSpan = Optional.of(span);
  }

  /** "Over left" names the other foot where this one is known; else it is this one. */
  private void over(Placement placement, Mark mark) {
    Optional<Meaning> after = next();
    boolean shoulder =
        after.filter(Meaning.Feet.class::isInstance).isPresent()
            && afterNext().filter(Joint.SHOULDER::equals).isPresent();
    if (shoulder && draft.size.isEmpty() == draft.figure.isEmpty()) {
      shoulder = draft.figure.isPresent();
    }
    if (shoulder) {
      Mark foot = skip();
      draft.side = Optional.of(((Meaning.Feet) foot.meaning()).feet().getFirst().side());
      draft.turn(line.span(mark.from(), foot.to()));
      return;
    }
    if (draft.figure.isEmpty() && draft.placement.isPresent() && draft.feet.isEmpty()) {
      finish();
    }
    if (draft.figure.isEmpty()
        && draft.placement.filter(placement::equals).isPresent()
        && !draft.feet.isEmpty()
        && after.filter(Meaning.Feet.class::isInstance).isEmpty()) {
      draft.covers(mark.from(), mark.to());
      return;
    }
    boolean landmark =
        after.filter(it -> it instanceof Meaning.Feet feet && feet.feet().size() == 1).isPresent()
            && !draft.feet.isEmpty();
    boolean drawn = draft.is("drag") || draft.is("slide");
    if (landmark && (draft.placement.isPresent() || drawn)) {
      draft.covers(mark.from(), mark.to());
    } else {
      if (draft.figure.isEmpty() && draft.placement.isPresent()) {
        finish();
      }
      setPlacement(placement, mark);
      draft.byLandmark = landmark || draft.is("lock");
    }
    if (landmark) {
      skip();
      skipPartOfFoot();
    }
  }

  private Optional<Meaning> afterNext() {
    int i = at;
    while (i < marks.size() && marks.get(i).meaning() == Joint.FILLER) {
      i++;
    }
    return next(i + 1);
  }

  /** "Behind left heel": the heel is where it is, not another step. */
  private void skipPartOfFoot() {
    if (next().filter(it -> it instanceof Meaning.Named part && isPart(part)).isPresent()
        && afterNext().filter(it -> it != Joint.STOP).isEmpty()) {
      skip();
    }
  }

  private static boolean isPart(Meaning.Named named) {
    String name = named.figure().name();
    return name.equals("heel") || name.equals("toe") || name.equals("knee");
  }

  private void size(int eighths, Mark mark) {
    SourceSpan span = line.span(mark.from(), mark.to());
    if (draft.size.isPresent()) {
      if (draft.isBareTurn()) {
        findings.add(
            Diagnostic.of(
                Code.TWO_TURNS,
                span,
                "This item has two turns; write the second as a step of its own."));
        return;
      }
      findings.add(
          Diagnostic.of(
              Code.TWO_TURNS,
              span,
              "This item has two turns; write the second as a step of its own."));
      draft.covers(mark.from(), mark.to());
      if (nextIs(Meaning.Feet.class)) {
        skip();
      }
      return;
    }
    draft.before = !draft.hasAction();
    draft.size = OptionalInt.of(eighths);
    draft.turn(span);
    draft.covers(mark.from(), mark.to());
  }

  private void times(int times, Mark mark) {
    draft.covers(mark.from(), mark.to());
    if (times < 1 || times > Limits.REPEATS) {
      findings.add(
          Diagnostic.of(
              Code.REPEAT_TIMES,
              line.span(mark.from(), mark.to()),
              "An item is danced 1 to " + Limits.REPEATS + " times, not " + times + "."));
    } else {
      last().times = times;
    }
  }

  /** The step at hand, or the one before where none is begun. */
  private Draft last() {
    if (draft.isEmpty() && !elements.isEmpty() && elements.getLast() instanceof Element.Step step) {
      return step.draft();
    }
    return draft;
  }

  private void remark(String text, Mark mark) {
    Draft own = last();
    own.covers(mark.from(), mark.to());
    if (!new RemarkReader(book).understands(text, own, line.span(mark.from(), mark.to()))) {
      own.remark(text);
    }
  }

  private void towards(Mark mark) {
    Optional<Meaning> after = next();
    if (!(after.isPresent() && after.get() instanceof Meaning.Feet feet)) {
      return;
    }
    boolean side =
        afterNext()
            .filter(it -> it instanceof Meaning.To to && to.placement() == Placement.SIDE)
            .isPresent();
    Mark foot = skip();
    if (side) {
      skip();
    }
    Foot named = feet.feet().getFirst();
    if (draft.size.isPresent() && draft.side.isEmpty()) {
      draft.side = Optional.of(named.side());
      draft.turn(line.span(mark.from(), foot.to()));
      return;
    }
    boolean other = !draft.feet.isEmpty() && draft.feet.getLast().value() != named && !side;
    SourceSpan span = line.span(mark.from(), marks.get(at - 1).to());
    if (other) {
      if (draft.placement.isEmpty() && !draft.is("drag") && !draft.is("slide")) {
        setPlacement(Placement.TOGETHER, foot);
      }
      return;
    }
    boolean takesDirection =
        draft.figure.isEmpty()
            || draft.figure.get().patterns().getFirst().steps().getFirst().fromText();
    if (takesDirection && draft.placement.isEmpty()) {
      draft.placement = Optional.of(Placement.SIDE);
    }
    if (draft.feet.isEmpty()) {
      draft.travel = Optional.of(new Stated<>(named.side(), span));
    } else if (!takesDirection && !side) {
      draft.travel = Optional.of(new Stated<>(named.side(), span));
    }
  }

  private void both(Mark mark) {
    boolean ofHeels = next().filter(it -> it instanceof Meaning.Named).isPresent();
    boolean jumps =
        draft
            .figure
            .map(it -> it.patterns().getFirst().steps().getFirst().action().withBoth())
            .orElse(false);
    draft.covers(mark.from(), mark.to());
    if (!ofHeels && !jumps) {
      draft.ends = Optional.of(Weight.BOTH);
    }
  }

  private void weight(Mark mark) {
    if (nextIs(Meaning.Feet.class)) {
      Draft own = last();
      Mark foot = skip();
      own.covers(mark.from(), foot.to());
      own.ends = Optional.of(Weight.on(((Meaning.Feet) foot.meaning()).feet().getFirst()));
    }
  }

  /** A word beside a figure is said to mean nothing; where there is none, no figure is known. */
  private void unknown(Mark mark) {
    if (draft.hasAction()) {
      draft.covers(mark.from(), mark.to());
      unknown.sayWord(mark, draft.figure.map(Figure::name).orElse("step"));
      return;
    }
    at += unknown.sayFigure(marks, at - 1) - 1;
    whole = false;
    draft = new Draft();
    while (at < marks.size() && !isParting(marks.get(at).meaning())) {
      at++;
    }
  }

  private static boolean isParting(Meaning meaning) {
    return meaning == Joint.STOP || meaning == Joint.AND || meaning == Joint.AMPERSAND;
  }

  private void centre(Mark mark) {
    boolean swivelled =
        !elements.isEmpty()
            && elements.getLast() instanceof Element.Step step
            && step.draft().is("swivel");
    if (draft.is("swivel") && !draft.feet.isEmpty()) {
      finish();
      swivelled = true;
    }
    if (swivelled && (draft.figure.isEmpty() || draft.is("heel") || draft.is("toe"))) {
      draft.figure = book.find("swivel");
      draft.name = "swivel";
    }
    draft.covers(mark.from(), mark.to());
    if (draft.is("swivel")) {
      draft.remark("centre");
    } else if (draft.placement.isEmpty()) {
      setPlacement(Placement.TOGETHER, mark);
    }
  }

  /** "Repeat to the left side", "repeat counts 5-6": what stands before on this line, again. */
  private void repeat(Mark mark) {
    finish();
    boolean mirrored = false;
    int end = mark.to();
    while (at < marks.size() && marks.get(at).meaning() != Joint.STOP) {
      mirrored |= marks.get(at).meaning() instanceof Meaning.Feet;
      end = marks.get(at).to();
      at++;
    }
    elements.add(new Element.Again(mirrored, mark.from(), end));
  }

  /** A figure, a colon, and its steps once more: they are kept as a remark. */
  private void spelled(Mark mark) {
    int end = line.text().length();
    String rest = line.text().substring(mark.to(), end).strip();
    if (draft.figure.isEmpty()) {
      return;
    }
    if (draft.feet.isEmpty()) {
      for (int i = at; i < marks.size() && draft.feet.isEmpty(); i++) {
        if (marks.get(i).meaning() instanceof Meaning.Feet feet) {
          Mark foot = marks.get(i);
          draft.feet.add(new Stated<>(feet.feet().getFirst(), line.span(foot.from(), foot.to())));
        }
      }
    }
    spelledTimes(rest);
    draft.remark(rest);
    draft.covers(mark.from(), end);
    at = marks.size();
  }

  /** "Applejacks: L, centre, R, centre" are two of them. */
  private void spelledTimes(String rest) {
    int parts = rest.split("[,;]", -1).length;
    int places = draft.figure.map(it -> it.patterns().getFirst().places()).orElse(1);
    boolean still =
        draft
            .figure
            .map(it -> it.patterns().getFirst().steps().getFirst().action().effect())
            .filter(WeightEffect.STILL::equals)
            .isPresent();
    if (still && draft.times == 1 && parts > places && parts % places == 0) {
      draft.times = parts / places;
      draft.feet.clear();
    }
  }
}
