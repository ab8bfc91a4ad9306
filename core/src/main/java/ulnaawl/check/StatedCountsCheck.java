package ulnaawl.check;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.notation.Block.ExtraBlock;
import ulnaawl.notation.Block.ExtraKind;
import ulnaawl.notation.Stated;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;

/**
 * The stated counts are the counts of the sections, and the stated tag counts those of the tags.
 */
final class StatedCountsCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    Dance dance = subject.dance();
    List<Diagnostic> found = new ArrayList<>();
    int tags = tagCounts(dance);
    dance
        .headers()
        .counts()
        .filter(stated -> dance.counts() > 0 && stated.value() != dance.counts())
        .ifPresent(stated -> found.add(say(stated, dance.counts(), tags)));
    dance
        .headers()
        .tagCounts()
        .filter(stated -> stated.value() != tags)
        .ifPresent(stated ->
            found.add(
                Diagnostic.of(
                    Code.TAG_COUNTS,
                    stated.span(),
                    "The tags have "
                        + tags
                        + " counts together, but "
                        + stated.value()
                        + " are stated.",
                    new Mend("State " + tags, stated.span(), String.valueOf(tags)))));
    return found;
  }

  private static int tagCounts(Dance dance) {
    return dance.script().blocks().stream()
        .filter(block -> block instanceof ExtraBlock extra && extra.kind() == ExtraKind.TAG)
        .flatMap(block -> dance.extra(((ExtraBlock) block).name()).stream())
        .mapToInt(Passage::counts)
        .sum();
  }

  private static Diagnostic say(Stated<Integer> stated, int found, int tags) {
    int missing = stated.value() - found;
    String message =
        "The sections have "
            + found
            + " counts, but "
            + stated.value()
            + " are stated: "
            + Math.abs(missing)
            + (missing > 0 ? " missing." : " too many.");
    if (tags > 0 && missing == tags) {
      return Diagnostic.of(
          Code.COUNTS,
          stated.span(),
          message + " The tags have " + tags + ": say so with a plus.",
          new Mend("State " + found + " + " + tags, stated.span(), found + " + " + tags));
    }
    return Diagnostic.of(
        Code.COUNTS,
        stated.span(),
        message,
        new Mend("State " + found + " counts", stated.span(), String.valueOf(found)));
  }
}
