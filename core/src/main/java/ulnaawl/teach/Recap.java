package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Section;
import ulnaawl.figure.FigureBook;

/** The shorter schools for a dance that a group has learned. */
public final class Recap {

  private static final int PERCENT = 70;

  private Recap() {}

  /** The whole wall in words, then twice in counts, then the exceptions: the quick recap. */
  public static TeachPlan quick(Dance dance, FigureBook book, TeachPace pace) {
    DrillSheet sheet = sheet(dance, book, pace);
    List<Drill> drills = new ArrayList<>();
    drills.add(sheet.wholeWall(Mode.WORDS, 1, 100));
    drills.add(sheet.wholeWall(Mode.COUNTS, 2, PERCENT));
    drills.addAll(sheet.exceptions(1, PERCENT));
    return plan("recap", sheet, drills, 3);
  }

  /**
   * Each section twice in words and in counts, then whole walls and the exceptions: the reminder
   * walk-through.
   */
  public static TeachPlan reminder(Dance dance, FigureBook book, TeachPace pace) {
    DrillSheet sheet = sheet(dance, book, pace);
    List<Drill> drills = new ArrayList<>();
    for (Section section : sheet.sections()) {
      drills.add(sheet.sectionInWords(section, 2));
      drills.add(sheet.sectionInCounts(section, 2, PERCENT));
    }
    drills.add(sheet.wholeWall(Mode.COUNTS, 2, PERCENT));
    drills.addAll(sheet.exceptions(1, PERCENT));
    return plan("reminder walk-through", sheet, drills, 6);
  }

  private static DrillSheet sheet(Dance dance, FigureBook book, TeachPace pace) {
    Set<String> known =
        Set.copyOf(dance.main().places().stream().map(place -> place.figure()).toList());
    return new DrillSheet(dance, book, new TeachRequest(1, 0, known, pace));
  }

  private static TeachPlan plan(String school, DrillSheet sheet, List<Drill> drills, int turns) {
    int sections = sheet.sections().size();
    return new TeachPlan(
        school,
        drills,
        drills.stream().mapToInt(Drill::seconds).sum(),
        sections,
        sections,
        java.util.Collections.nCopies(sections, turns),
        Optional.empty(),
        List.of("The group has learned it; every section " + turns + " times."));
  }
}
