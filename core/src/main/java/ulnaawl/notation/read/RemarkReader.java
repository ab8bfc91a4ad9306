package ulnaawl.notation.read;

import java.util.List;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Stated;
import ulnaawl.notation.read.Meaning.Joint;
import ulnaawl.text.SourceSpan;

/** Looks whether brackets say something of the step: its feet, where the weight ends, no weight. */
@RequiredArgsConstructor
final class RemarkReader {

  private final FigureBook book;

  /** Puts what is understood into the step; false where the words are to be kept as well. */
  boolean understands(String text, Draft draft, SourceSpan span) {
    List<Mark> marks =
        FeetLists.join(Marker.of(Token.of(new Line(text, span.start())), book)).stream()
            .filter(mark -> mark.meaning() != Joint.FILLER && mark.meaning() != Joint.STEPPING)
            .toList();
    if (marks.size() == 1 && marks.getFirst().meaning() instanceof Meaning.Feet feet) {
      if (draft.feet.isEmpty()) {
        feet.feet().forEach(foot -> draft.feet.add(new Stated<>(foot, span)));
        return true;
      }
      // "Shuffle right (RLR)": the feet of the steps, which are known.
      return feet.feet().size() > 1 && draft.feet.getFirst().value() == feet.feet().getFirst();
    }
    for (int i = 0; i + 1 < marks.size(); i++) {
      if (marks.get(i).meaning() == Joint.WEIGHT
          && marks.get(i + 1).meaning() instanceof Meaning.Feet feet) {
        draft.ends = java.util.Optional.of(Weight.on(feet.feet().getFirst()));
        return marks.size() == 2;
      }
    }
    if (marks.size() == 1 && marks.getFirst().meaning() == Joint.NO_WEIGHT) {
      return draft.becomes(book, Lexicon.Case.NO_WEIGHT);
    }
    return false;
  }
}
