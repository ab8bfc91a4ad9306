package ulnaawl.notation.read;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
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

  private final boolean between;
  private final UnknownWords unknown;
  private final Clause clause;
  private final Landmarks landmarks;
  private boolean whole = true;

  /**
   * What was read.
   *
   * @param whole whether every word was understood
   */
  record Result(List<Element> elements, boolean whole) {}

  private ClauseReader(Line line, boolean between, FigureBook book, Findings findings) {
    this.between = between;
    this.unknown = new UnknownWords(line, book, findings);
    this.clause =
        new Clause(
            line, book, findings, new MarkCursor(FeetLists.join(Marker.of(Token.of(line), book))));
    this.landmarks = new Landmarks(clause);
  }

  /**
   * Reads the steps of a line.
   *
   * @param between whether the line has counts between the beats
   */
  static Result read(Line line, boolean between, FigureBook book, Findings findings) {
    ClauseReader reader = new ClauseReader(line, between, book, findings);
    reader.readAll();
    return new Result(reader.clause.elements, reader.whole);
  }

  private void readAll() {
    while (clause.cursor.hasMore() && clause.elements.size() < Limits.COUNT) {
      take(clause.cursor.take());
    }
    clause.endClause();
    ClauseEnds.stepsOfLocks(clause.elements);
  }

  private void take(Mark mark) {
    switch (mark.meaning()) {
      case Meaning.Named it -> named(it, mark);
      case Meaning.Feet it -> feet(it.feet(), mark);
      case Meaning.To it -> to(it.placement(), mark);
      case Meaning.Over it -> landmarks.over(it.placement(), mark);
      case Meaning.Size it -> size(it.eighths(), mark);
      case Meaning.Times it -> times(it.times(), mark);
      case Meaning.Remark it -> remark(it.text(), mark);
      case Meaning.Unknown it -> unknown(mark);
      case Joint it -> joint(it, mark);
    }
  }

  private void joint(Joint joint, Mark mark) {
    switch (joint) {
      case STOP -> clause.endClause();
      case AND, AMPERSAND -> and(joint, mark);
      case COLON -> spelled(mark);
      case STEPPING -> {
        if (clause.draft.figure.isEmpty()) {
          named(new Meaning.Named(clause.book.find("step").orElseThrow(), "step"), mark);
        }
      }
      case TOWARDS -> landmarks.towards(mark);
      case BOTH -> landmarks.both(mark);
      case WEIGHT -> landmarks.weight(mark);
      case NO_WEIGHT -> clause.last().becomes(clause.book, Lexicon.Case.NO_WEIGHT);
      case CENTRE -> landmarks.centre(mark);
      case REPEAT -> repeat(mark);
      case SUPPORT -> {
        if (clause.cursor.nextIs(Meaning.Feet.class)) {
          clause.skip();
        }
      }
      case TURN -> {
        if (clause.draft.size.isPresent()) {
          clause.draft.turn(clause.span(mark.from(), mark.to()));
        }
      }
      case SHOULDER, FILLER -> {
        // Says nothing that is not said otherwise.
      }
    }
  }

  private void and(Joint joint, Mark mark) {
    if (clause.draft.isBareTurn()) {
      return;
    }
    clause.endClause();
    clause.afterAnd = !clause.elements.isEmpty();
    if (joint == Joint.AMPERSAND) {
      clause.elements.add(new Element.Ampersand(mark.from(), mark.to()));
    }
  }

  private void named(Meaning.Named typed, Mark mark) {
    Figure figure = meant(typed);
    if (clause.draft.figure.isPresent()) {
      Figure verb = clause.draft.figure.get();
      Optional<Lexicon.Joined> joined = Lexicon.standard().together(verb.name(), figure.name());
      if (joined.isPresent()) {
        clause.draft.figure = clause.book.find(joined.get().figure());
        if (joined.get().placement().isPresent() && clause.draft.placement.isEmpty()) {
          clause.draft.placement = joined.get().placement();
        }
        clause.draft.covers(mark.from(), mark.to());
        if (figure.name().equals("full turn") && clause.draft.size.isEmpty()) {
          clause.draft.size = OptionalInt.of(figure.turn().defaultEighths());
          clause.draft.turn(clause.span(mark.from(), mark.to()));
        }
        return;
      }
      clause.finish();
      clause.afterAnd = isManner(mark);
    } else if (clause.draft.wholeStep
        || (clause.draft.placement.isPresent()
            && !clause.draft.feet.isEmpty()
            && figure.isPlainStep())) {
      clause.finish();
      clause.afterAnd = isManner(mark);
    }
    if (clause.draft.isEmpty() && !clause.elements.isEmpty() && isManner(mark)) {
      clause.afterAnd = true;
    }
    clause.draft.figure = Optional.of(figure);
    clause.draft.name = typed.name();
    clause.draft.covers(mark.from(), mark.to());
  }

  private Figure meant(Meaning.Named typed) {
    return between
        ? Lexicon.standard()
            .instead(clause.book, Lexicon.Case.BETWEEN_BEATS, typed.name())
            .orElse(typed.figure())
        : typed.figure();
  }

  /** "Sweeping left", "with a touch": how the step before is danced. */
  private boolean isManner(Mark mark) {
    return clause.line.lower().substring(mark.from(), mark.to()).endsWith("ing")
        || clause.line.lower().substring(0, mark.from()).matches(".*\\bwith (an? )?");
  }

  private void feet(List<Foot> feet, Mark mark) {
    SourceSpan span = clause.span(mark.from(), mark.to());
    if (clause.draft.side.isEmpty() && clause.cursor.isTurnSide(clause.draft.size.isPresent())) {
      clause.draft.side = Optional.of(feet.getFirst().side());
      clause.draft.turn(span);
      clause.draft.covers(mark.from(), mark.to());
      feet.stream().skip(1).forEach(foot -> clause.draft.feet.add(new Stated<>(foot, span)));
      return;
    }
    boolean another =
        (clause.cursor.nextIs(Meaning.Named.class)
                && clause.cursor.nextMark().filter(this::isManner).isEmpty())
            || clause.cursor.nextIs(Meaning.To.class);
    if (another && clause.draft.hasAction() && !clause.draft.feet.isEmpty()) {
      clause.finish();
    }
    clause.draft.wholeStep = clause.draft.figure.isEmpty() && clause.draft.placement.isPresent();
    feet.forEach(foot -> clause.draft.feet.add(new Stated<>(foot, span)));
    clause.draft.covers(mark.from(), mark.to());
  }

  private void to(Placement placement, Mark mark) {
    Optional<Placement> diagonal =
        clause.draft.placement.flatMap(it -> Directions.diagonal(it, placement));
    if (diagonal.isPresent()) {
      clause.draft.placement = diagonal;
      clause.draft.covers(mark.from(), mark.to());
      return;
    }
    if ((clause.draft.figure.isEmpty() && clause.draft.placement.isPresent()) || goesOn()) {
      clause.finish();
    }
    clause.setPlacement(placement, mark);
  }

  /** "Cross side behind side": a figure whose name is its steps, and one step more. */
  private boolean goesOn() {
    String last = clause.draft.name.substring(clause.draft.name.lastIndexOf(' ') + 1);
    return clause.draft.figure.isPresent()
        && clause.cursor.followsName()
        && Placement.named(last).isPresent();
  }

  private void size(int eighths, Mark mark) {
    SourceSpan span = clause.span(mark.from(), mark.to());
    if (clause.draft.size.isPresent()) {
      clause.findings.add(
          Diagnostic.of(
              Code.TWO_TURNS,
              span,
              "This item has two turns; write the second as a step of its own."));
      if (clause.draft.isBareTurn()) {
        return;
      }
      clause.draft.covers(mark.from(), mark.to());
      if (clause.cursor.nextIs(Meaning.Feet.class)) {
        clause.skip();
      }
      return;
    }
    clause.draft.before = !clause.draft.hasAction();
    clause.draft.size = OptionalInt.of(eighths);
    clause.draft.turn(span);
    clause.draft.covers(mark.from(), mark.to());
  }

  private void times(int times, Mark mark) {
    clause.draft.covers(mark.from(), mark.to());
    if (times < 1 || times > Limits.REPEATS) {
      clause.findings.add(
          Diagnostic.of(
              Code.REPEAT_TIMES,
              clause.span(mark.from(), mark.to()),
              "An item is danced 1 to " + Limits.REPEATS + " times, not " + times + "."));
    } else {
      clause.last().times = times;
    }
  }

  private void remark(String text, Mark mark) {
    Draft own = clause.last();
    own.covers(mark.from(), mark.to());
    if (!new RemarkReader(clause.book)
        .understands(text, own, clause.span(mark.from(), mark.to()))) {
      own.remark(text);
    }
  }

  /** A word beside a figure is said to mean nothing; where there is none, no figure is known. */
  private void unknown(Mark mark) {
    if (clause.draft.hasAction()) {
      clause.draft.covers(mark.from(), mark.to());
      unknown.sayWord(mark, clause.draft.figure.map(Figure::name).orElse("step"));
      return;
    }
    clause.cursor.leave(unknown.sayFigure(mark, clause.cursor.rest()));
    whole = false;
    clause.draft = new Draft();
    clause.cursor.leaveClause();
  }

  /**
   * "Repeat to the left side", "repeat counts 5-6": what stands before on this clause.line, again.
   */
  private void repeat(Mark mark) {
    clause.finish();
    boolean mirrored = false;
    int end = mark.to();
    int start = mark.from();
    while (clause.cursor.hasMore()
        && clause.cursor.nextMark().filter(it -> it.meaning() == Joint.STOP).isEmpty()) {
      Mark next = clause.cursor.take();
      mirrored |= next.meaning() instanceof Meaning.Feet;
      end = next.to();
    }
    Matcher said = COUNTS.matcher(clause.line.text().substring(start, end));
    Optional<Element.Range> counts =
        said.find()
            ? Optional.of(
                new Element.Range(Integer.parseInt(said.group(1)), Integer.parseInt(said.group(2))))
            : Optional.empty();
    clause.elements.add(new Element.Again(mirrored, counts));
  }

  private void spelled(Mark mark) {
    List<Mark> rest = clause.cursor.rest();
    if (clause.draft.figure.isEmpty() || rest.isEmpty()) {
      return;
    }
    String text = clause.line.text().substring(mark.to()).strip();
    SpelledSteps.into(clause.draft, text, rest, clause.line, clause.findings);
    clause.draft.covers(mark.from(), clause.line.text().length());
    clause.cursor.leave(rest.size());
  }
}
