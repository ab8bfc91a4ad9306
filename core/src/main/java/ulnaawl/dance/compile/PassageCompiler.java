package ulnaawl.dance.compile;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.notation.Block;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Compiles headed runs of step lines into a passage. */
final class PassageCompiler {

  private final String name;
  private final Weight startWeight;
  private final int mostCounts;
  private final List<Diagnostic> findings;
  private final Walker walker;
  private final Recognition recognition;
  private final List<Section> sections = new ArrayList<>();

  /**
   * A compiler for one passage.
   *
   * @param mostCounts the most counts that one of its sections may have
   */
  PassageCompiler(
      String name, Weight startWeight, int mostCounts, FigureBook book, List<Diagnostic> findings) {
    this.recognition = new Recognition(book);
    this.name = name;
    this.startWeight = startWeight;
    this.mostCounts = mostCounts;
    this.findings = findings;
    this.walker = new Walker(startWeight, findings);
  }

  /**
   * Adds a section.
   *
   * @param number its number in the dance; 0 in a tag, bridge or ending
   */
  PassageCompiler add(int number, String title, Block block) {
    int start = sections.isEmpty() ? 0 : sections.getLast().end();
    Weight weightBefore = walker.weight();
    RelativeFacing facingBefore = walker.facing();
    List<Place> places = new ArrayList<>();
    Count last = new Count(0);
    int counts = 0;
    for (StepLine line : block.lines()) {
      if (!sayIfOutside(number, block, line)) {
        sayIfNotRising(line, last);
        places.addAll(walker.walk(line, number, start));
        if (!line.counts().isEmpty()) {
          last = line.counts().getLast().compareTo(last) > 0 ? line.counts().getLast() : last;
          counts = Math.max(counts, last.number());
        }
      }
    }
    if (block.lines().isEmpty()) {
      findings.add(
          Diagnostic.of(
              Code.EMPTY_SECTION,
              block.span(),
              "Nothing is danced here yet; write a line such as: 1-4  vine R, touch L"));
    }
    places.sort(Comparator.comparing(Place::at));
    sections.add(
        new Section(
            number,
            title,
            start,
            counts,
            weightBefore,
            walker.weight(),
            facingBefore,
            walker.facing(),
            recognition.of(places, firstKnown()),
            block.span()));
    return this;
  }

  private int firstKnown() {
    List<Place> before = sections.isEmpty() ? List.of() : sections.getLast().places();
    return before.isEmpty() ? 0 : before.getLast().known().run() + 1;
  }

  /** The passage; at least one section has been added. */
  Passage passage() {
    return Passage.of(name, startWeight, sections, sections.getFirst().span());
  }

  private boolean sayIfOutside(int number, Block block, StepLine line) {
    if (line.counts().isEmpty() || line.counts().getLast().number() <= mostCounts) {
      return false;
    }
    String where =
        number > 0
            ? "Section " + number
            : block instanceof Block.ExtraBlock extra
                ? "The " + extra.kind().word() + " " + extra.name()
                : "This block";
    findings.add(
        Diagnostic.of(
            Code.COUNT_OUTSIDE,
            line.countsSpan(),
            where
                + " has counts 1 to "
                + mostCounts
                + "; count "
                + line.counts().getLast().label()
                + " lies outside. Begin a new section, counted from 1 again."));
    return true;
  }

  private void sayIfNotRising(StepLine line, Count last) {
    if (!line.counts().isEmpty()
        && last.ticks() > 0
        && line.counts().getFirst().compareTo(last) <= 0) {
      findings.add(
          Diagnostic.of(
              Code.COUNT_ORDER,
              line.countsSpan(),
              "Counts rise within a section: "
                  + line.counts().getFirst().label()
                  + " comes after "
                  + last.label()
                  + "."));
    }
  }
}
