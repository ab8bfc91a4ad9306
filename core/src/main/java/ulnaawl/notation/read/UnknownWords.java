package ulnaawl.notation.read;

import java.util.List;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.read.Meaning.Joint;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.text.SourceSpan;

/** Says which words are not understood, and what is spelled nearly like them. */
@RequiredArgsConstructor
final class UnknownWords {

  private static final int OFFERS = 3;

  private final Line line;
  private final FigureBook book;
  private final Findings findings;

  /** Says of a word beside a figure that it means nothing there. */
  void sayWord(Mark mark, String figure) {
    SourceSpan span = line.span(mark.from(), mark.to());
    String word = line.text().substring(mark.from(), mark.to());
    findings.add(
        Diagnostic.of(
            Code.UNKNOWN_WORD,
            span,
            "'"
                + word
                + "' after "
                + figure
                + " is not a foot, a direction, a turn or a repeat such as x2.",
            new Mend("Remove '" + word + "'", span, "")));
  }

  /**
   * Says of words that they are no figure.
   *
   * @param first the first of them
   * @param rest what follows it
   * @return how many of those that follow belong to it
   */
  int sayFigure(Mark first, List<Mark> rest) {
    int more = 0;
    while (more < rest.size() && isPlain(rest.get(more).meaning())) {
      more++;
    }
    if (findings.isFull()) {
      return more;
    }
    int from = first.from();
    int to = more == 0 ? first.to() : rest.get(more - 1).to();
    String typed = line.lower().substring(from, to);
    List<String> near = book.nearest(typed, OFFERS);
    if (near.isEmpty() && more > 0) {
      near = book.nearest(line.lower().substring(from, first.to()), OFFERS);
    }
    SourceSpan span = line.span(from, to);
    String message =
        "'"
            + typed
            + "' is not a figure that the figure book knows"
            + (near.isEmpty()
                ? "; write it as single steps, such as side R, together L."
                : "; near it: " + String.join(", ", near) + ".");
    findings.add(
        Diagnostic.of(Code.UNKNOWN_FIGURE, span, message)
            .withMends(
                near.stream().map(name -> new Mend("Change to " + name, span, name)).toList()));
    return more;
  }

  private static boolean isPlain(Meaning meaning) {
    return meaning instanceof Meaning.Unknown
        || meaning instanceof Meaning.Named
        || meaning == Joint.FILLER;
  }
}
