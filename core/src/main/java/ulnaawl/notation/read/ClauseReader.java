package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Limits;
import ulnaawl.notation.Stated;
import ulnaawl.notation.read.Meaning.Joint;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceSpan;

/**
 * Reads the words of a step line as a colleague would, whatever their order: which figure, which
 * foot, where to, how far turned. Feet before and after the figure, other feet as landmarks ("over
 * left"), remarks and little words all have their place.
 */
final class ClauseReader {

  private static final Pattern COUNTS = Pattern.compile("(\\d{1,3})\\s*[-–]\\s*(\\d{1,3})");

  private final Line line;
  private final boolean between;
  private final FigureBook book;
  private final UnknownWords unknown;
  private final Findings findings;
  private final MarkCursor cursor;
  private final List<Element> elements = new ArrayList<>();
  private Draft draft = new Draft();
  private boolean afterAnd;
  private boolean whole = true;

  /** The element that the steps since the last sign that parts begin with. */
  private int clause;

  /** A step, or the sign between two, which may be one. */
  sealed interface Element {
    record Step(Draft draft) implements Element {}

    record Ampersand(int from, int to) implements Element {}

    /**
     * What stands before on the line once more, with the other feet where it is mirrored.
     *
     * @param counts the counts that are said, both inclusive; all that stands before where none are
     */
    record Again(boolean mirrored, Optional<Range> counts) implements Element {}

    /** Whole counts from one to another. */
    record Range(int first, int last) {}
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
    this.cursor = new MarkCursor(FeetLists.join(Marker.of(Token.of(line), book)));
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
    while (cursor.hasMore() && elements.size() < Limits.COUNT) {
      take(cursor.take());
    }
    endClause();
    ClauseEnds.stepsOfLocks(elements);
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
      case NO_WEIGHT -> last().becomes(book, Lexicon.Case.NO_WEIGHT);
      case CENTRE -> centre(mark);
      case REPEAT -> repeat(mark);
      case SUPPORT -> {
        if (cursor.nextIs(Meaning.Feet.class)) {
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

  private void endClause() {
    finish();
    ClauseEnds.leadComesLast(elements.subList(Math.min(clause, elements.size()), elements.size()));
    clause = elements.size();
  }

  private void finish() {
    if (!draft.isEmpty()) {
      if (!draft.feet.isEmpty()) {
        draft.becomes(book, Lexicon.Case.FEET_NAMED);
      }
      Directions.dropUnused(draft, line, findings);
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
        ? Lexicon.standard()
            .instead(book, Lexicon.Case.BETWEEN_BEATS, typed.name())
            .orElse(typed.figure())
        : typed.figure();
  }

  /** "Sweeping left", "with a touch": how the step before is danced. */
  private boolean isManner(Mark mark) {
    return line.lower().substring(mark.from(), mark.to()).endsWith("ing")
        || line.lower().substring(0, mark.from()).matches(".*\\bwith (an? )?");
  }

  private void feet(List<Foot> feet, Mark mark) {
    SourceSpan span = line.span(mark.from(), mark.to());
    if (draft.side.isEmpty() && cursor.isTurnSide(draft.size.isPresent())) {
      draft.side = Optional.of(feet.getFirst().side());
      draft.turn(span);
      draft.covers(mark.from(), mark.to());
      feet.stream().skip(1).forEach(foot -> draft.feet.add(new Stated<>(foot, span)));
      return;
    }
    boolean another =
        (cursor.nextIs(Meaning.Named.class) && cursor.nextMark().filter(this::isManner).isEmpty())
            || cursor.nextIs(Meaning.To.class);
    if (another && draft.hasAction() && !draft.feet.isEmpty()) {
      finish();
    }
    draft.wholeStep = draft.figure.isEmpty() && draft.placement.isPresent();
    feet.forEach(foot -> draft.feet.add(new Stated<>(foot, span)));
    draft.covers(mark.from(), mark.to());
  }

  private void to(Placement placement, Mark mark) {
    Optional<Placement> diagonal =
        draft.placement.flatMap(it -> Directions.diagonal(it, placement));
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
    return draft.figure.isPresent() && cursor.followsName() && Placement.named(last).isPresent();
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
    Optional<Meaning> after = cursor.next();
    boolean shoulder =
        after.filter(Meaning.Feet.class::isInstance).isPresent()
            && cursor.afterNext().filter(Joint.SHOULDER::equals).isPresent();
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
    if (placement == Placement.BEHIND
        && draft.placement.filter(Placement.CROSS::equals).isPresent()) {
      draft.placement = Optional.of(Placement.BEHIND);
    }
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

  /** "Behind left heel": the heel is where it is, not another step. */
  private void skipPartOfFoot() {
    if (cursor.next().filter(it -> it instanceof Meaning.Named part && isPart(part)).isPresent()
        && cursor.afterNext().filter(it -> it != Joint.STOP).isEmpty()) {
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
      if (cursor.nextIs(Meaning.Feet.class)) {
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
    Optional<Meaning> after = cursor.next();
    if (!(after.isPresent() && after.get() instanceof Meaning.Feet feet)) {
      return;
    }
    boolean side =
        cursor
            .afterNext()
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
    SourceSpan span = line.span(mark.from(), cursor.taken().to());
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
    boolean ofHeels = cursor.next().filter(it -> it instanceof Meaning.Named).isPresent();
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
    if (cursor.nextIs(Meaning.Feet.class)) {
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
    cursor.leave(unknown.sayFigure(mark, cursor.rest()));
    whole = false;
    draft = new Draft();
    cursor.leaveClause();
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
    int start = mark.from();
    while (cursor.hasMore()
        && cursor.nextMark().filter(it -> it.meaning() == Joint.STOP).isEmpty()) {
      Mark next = cursor.take();
      mirrored |= next.meaning() instanceof Meaning.Feet;
      end = next.to();
    }
    Matcher said = COUNTS.matcher(line.text().substring(start, end));
    Optional<Element.Range> counts =
        said.find()
            ? Optional.of(
                new Element.Range(Integer.parseInt(said.group(1)), Integer.parseInt(said.group(2))))
            : Optional.empty();
    elements.add(new Element.Again(mirrored, counts));
  }

  private void spelled(Mark mark) {
    List<Mark> rest = cursor.rest();
    if (draft.figure.isEmpty() || rest.isEmpty()) {
      return;
    }
    String text = line.text().substring(mark.to()).strip();
    SpelledSteps.into(draft, text, rest, line, findings);
    draft.covers(mark.from(), line.text().length());
    cursor.leave(rest.size());
  }

  /** Takes the next mark that says something, which belongs to the step at hand. */
  private Mark skip() {
    Mark mark = cursor.skip();
    draft.covers(mark.from(), mark.to());
    return mark;
  }
}
