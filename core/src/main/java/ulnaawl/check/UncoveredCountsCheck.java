package ulnaawl.check;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Counts on which nothing is written, and sections that stop early in the middle of a dance. */
final class UncoveredCountsCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    List<Diagnostic> found = new ArrayList<>();
    Dance dance = subject.dance();
    int whole = dance.headers().meter().sectionCounts();
    for (Passage part : dance.parts()) {
      for (Section section : part.sections()) {
        sayEmpty(section, found);
        boolean last = section.number() == part.sections().getLast().number();
        if (!last && section.counts() > 0 && section.counts() < whole) {
          found.add(
              Diagnostic.of(
                  Code.SHORT_SECTION,
                  section.span(),
                  "Section "
                      + section.number()
                      + " stops after count "
                      + section.counts()
                      + ", and another follows; a section has "
                      + whole
                      + " counts."));
        }
      }
    }
    return found;
  }

  private static void sayEmpty(Section section, List<Diagnostic> found) {
    BitSet covered = new BitSet(section.counts() + 1);
    for (Place place : section.places()) {
      covered.set(place.count().number());
    }
    for (int count = 1; count <= section.counts(); count++) {
      if (!covered.get(count)) {
        found.add(
            Diagnostic.of(
                Code.UNCOVERED,
                section.span(),
                "Nothing is written on count "
                    + count
                    + " of section "
                    + section.number()
                    + "; write hold if that is meant."));
      }
    }
  }
}
