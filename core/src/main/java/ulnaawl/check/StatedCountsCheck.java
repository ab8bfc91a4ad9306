package ulnaawl.check;

import java.util.List;
import ulnaawl.notation.Stated;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;

/** The stated counts are the counts of the sections. */
final class StatedCountsCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    int found = subject.dance().counts();
    return subject.dance().headers().counts().stream()
        .filter(stated -> found > 0 && stated.value() != found)
        .map(stated -> say(stated, found))
        .toList();
  }

  private static Diagnostic say(Stated<Integer> stated, int found) {
    int missing = stated.value() - found;
    return Diagnostic.error(
        "counts",
        stated.span(),
        "The sections have "
            + found
            + " counts, but "
            + stated.value()
            + " are stated: "
            + Math.abs(missing)
            + (missing > 0 ? " missing." : " too many."),
        new Mend("State " + found + " counts", stated.span(), String.valueOf(found)));
  }
}
