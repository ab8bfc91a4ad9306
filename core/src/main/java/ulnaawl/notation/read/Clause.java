package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceSpan;

/** How far the reading of a line is: the step at hand, and those that are ready. */
@RequiredArgsConstructor
final class Clause {

  final Line line;
  final FigureBook book;
  final Findings findings;
  final MarkCursor cursor;
  final List<Element> elements = new ArrayList<>();
  Draft draft = new Draft();
  boolean afterAnd;

  /** The element that the steps since the last sign that parts begin with. */
  private int begun;

  void endClause() {
    finish();
    ClauseEnds.leadComesLast(elements.subList(Math.min(begun, elements.size()), elements.size()));
    begun = elements.size();
  }

  void finish() {
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

  /** The step at hand, or the one before where none is begun. */
  Draft last() {
    if (draft.isEmpty() && !elements.isEmpty() && elements.getLast() instanceof Element.Step step) {
      return step.draft();
    }
    return draft;
  }

  void setPlacement(Placement placement, Mark mark) {
    SourceSpan span = span(mark.from(), mark.to());
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

  /** Takes the next mark that says something, which belongs to the step at hand. */
  Mark skip() {
    Mark mark = cursor.skip();
    draft.covers(mark.from(), mark.to());
    return mark;
  }

  /** Where something stands in the text. */
  SourceSpan span(int from, int to) {
    return line.span(from, to);
  }
}
