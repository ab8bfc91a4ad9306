package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Section;
import ulnaawl.figure.FigureBook;

/**
 * The add-on school: each section in words, then in counts; after each, everything so far from the
 * top. When the whole dance has been shown: the link from the end into the start, two walls, every
 * tag and restart from its own wall. Minutes that are left go to the drills of the section that has
 * been danced least. Common practice, no source.
 */
public final class AddOnTeach {

  private static final int LEARNING_PERCENT = 70;
  private static final int JOINING_PERCENT = 80;
  private static final int MOST_WORDS = 3;
  private static final int MOST_COUNTS = 5;
  private static final int MOST_FROM_TOP = 3;
  private static final int MOST_OTHER = 4;

  private final Dance dance;
  private final FigureBook book;
  private final TeachRequest request;
  private final DrillSheet sheet;
  private final List<Section> sections;

  private AddOnTeach(Dance dance, FigureBook book, TeachRequest request) {
    this.dance = dance;
    this.book = book;
    this.request = request;
    this.sheet = new DrillSheet(dance, book, request);
    this.sections = sheet.sections();
  }

  /**
   * Lays a teach out.
   *
   * @param dance a dance that compiled without errors and has at least one section
   */
  public static TeachPlan plan(Dance dance, FigureBook book, TeachRequest request) {
    if (dance.main().sections().isEmpty()) {
      throw new IllegalArgumentException("A dance without sections cannot be taught");
    }
    return new AddOnTeach(dance, book, request).plan();
  }

  private TeachPlan plan() {
    int limit = request.minutes() * 60;
    List<Drill> all = shortest(sections.size());
    int reaches = sections.size();
    int least = Math.min(request.sectionsKnown() + 1, sections.size());
    while (seconds(all) > limit && reaches > least) {
      reaches--;
      all = shortest(reaches);
    }
    boolean whole = reaches == sections.size();
    int shortest = seconds(all);
    List<Drill> filled = whole ? withMoreWalls(fill(all, limit), limit) : fill(all, limit);
    return new TeachPlan(
        "add-on",
        filled,
        seconds(filled),
        reaches,
        sections.size(),
        turns(filled),
        rest(reaches),
        reasons(reaches, shortest, limit, filled));
  }

  /** Every drill that the school asks for up to a section, each as short as it makes sense. */
  private List<Drill> shortest(int reaches) {
    // A sheet of its own: each layout introduces the new figures once.
    DrillSheet fresh = new DrillSheet(dance, book, request);
    List<Drill> drills = new ArrayList<>();
    int known = Math.min(request.sectionsKnown(), reaches);
    if (known > 0) {
      drills.add(fresh.fromTop(sections.get(known - 1), 1, LEARNING_PERCENT));
    }
    for (Section section : sections.subList(known, reaches)) {
      drills.add(fresh.sectionInWords(section, 1));
      drills.add(fresh.sectionInCounts(section, 2, LEARNING_PERCENT));
      if (section.start() > 0) {
        drills.add(fresh.fromTop(section, 1, LEARNING_PERCENT));
      }
    }
    if (reaches == sections.size()) {
      drills.add(fresh.link(1, LEARNING_PERCENT));
      drills.add(fresh.wallRun(1, 2, Mode.COUNTS, JOINING_PERCENT));
      drills.addAll(fresh.exceptions(1, LEARNING_PERCENT));
    }
    return drills;
  }

  /** Gives the minutes that are left to what has been danced least. */
  private List<Drill> fill(List<Drill> shortest, int limit) {
    List<Drill> drills = new ArrayList<>(shortest);
    while (true) {
      int best = -1;
      int leastTurns = Integer.MAX_VALUE;
      List<Integer> turns = turns(drills);
      for (int i = 0; i < drills.size(); i++) {
        Drill drill = drills.get(i);
        if (drill.repetitions() < most(drill)) {
          Drill longer = sheet.again(drill, drill.repetitions() + 1);
          boolean fits = seconds(drills) - drill.seconds() + longer.seconds() <= limit;
          int weakest = weakest(drill, turns);
          if (fits && weakest < leastTurns) {
            best = i;
            leastTurns = weakest;
          }
        }
      }
      if (best < 0) {
        return drills;
      }
      drills.set(best, sheet.again(drills.get(best), drills.get(best).repetitions() + 1));
    }
  }

  /** All four walls without stopping, then to music, where there is time for it. */
  private List<Drill> withMoreWalls(List<Drill> drills, int limit) {
    List<Drill> result = new ArrayList<>(drills);
    for (Drill more :
        List.of(sheet.wallRun(1, 4, Mode.COUNTS, 90), sheet.wallRun(1, 4, Mode.MUSIC, 100))) {
      if (seconds(result) + more.seconds() <= limit) {
        result.add(more);
      }
    }
    return result;
  }

  private static int most(Drill drill) {
    return switch (drill.scope()) {
      case Scope.SectionScope s -> drill.mode() == Mode.WORDS ? MOST_WORDS : MOST_COUNTS;
      case Scope.FromTop s -> MOST_FROM_TOP;
      case Scope.Link s -> MOST_OTHER;
      case Scope.SpecialWall s -> MOST_OTHER;
      case Scope.WholeWall s -> MOST_OTHER;
      case Scope.WallRun s -> 1;
    };
  }

  private int weakest(Drill drill, List<Integer> turns) {
    return IntStream.range(0, sections.size())
        .filter(index -> covers(drill.scope(), index))
        .map(turns::get)
        .min()
        .orElse(drill.repetitions() * 3);
  }

  private List<Integer> turns(List<Drill> drills) {
    return IntStream.range(0, sections.size())
        .mapToObj(index ->
            drills.stream()
                .filter(drill -> covers(drill.scope(), index))
                .mapToInt(drill ->
                    drill.scope() instanceof Scope.WallRun run
                        ? run.to() - run.from() + 1
                        : drill.repetitions())
                .sum())
        .toList();
  }

  private boolean covers(Scope scope, int index) {
    int number = sections.get(index).number();
    return switch (scope) {
      case Scope.SectionScope s -> s.section() == number;
      case Scope.FromTop s -> number <= s.last();
      case Scope.Link s -> index == 0 || number == s.last();
      case Scope.WholeWall s -> true;
      case Scope.WallRun s -> true;
      case Scope.SpecialWall s -> false;
    };
  }

  private Optional<String> rest(int reaches) {
    if (reaches == sections.size()) {
      return Optional.empty();
    }
    Section last = sections.get(reaches - 1);
    return Optional.of(
        "To the end of section "
            + reaches
            + ", facing "
            + last.endFacing().clock()
            + "; "
            + (reaches + 1 == sections.size()
                ? "section " + sections.size()
                : "sections " + (reaches + 1) + " to " + sections.size())
            + ", the link and the exceptions next time, with a reminder in front.");
  }

  private List<String> reasons(int reaches, int shortest, int limit, List<Drill> filled) {
    List<String> reasons = new ArrayList<>();
    reasons.add(
        "Add-on: each section in words and counts, then everything so far from the top; good where "
            + "steps are new.");
    if (request.sectionsKnown() > 0) {
      reasons.add(
          "The group has been shown sections 1 to "
              + Math.min(request.sectionsKnown(), sections.size())
              + ", so the teach begins with these from the top.");
    }
    reasons.add(
        "The shortest teach to section "
            + reaches
            + " takes "
            + clock(shortest)
            + "; "
            + clock(Math.max(0, seconds(filled) - shortest))
            + " more went to what had been danced least.");
    if (shortest > limit) {
      reasons.add("Not even this fits into " + request.minutes() + " minutes.");
    }
    int left = limit - seconds(filled);
    if (left >= 60 && reaches == sections.size()) {
      reasons.add(clock(left) + " are left for a run-through from slow to full speed.");
    }
    List<Integer> turns = turns(filled).subList(0, reaches);
    int fewest = turns.stream().min(Integer::compare).orElse(0);
    reasons.add(
        "Section " + (turns.indexOf(fewest) + 1) + " is danced least, " + fewest + " times.");
    return reasons;
  }

  private static String clock(int seconds) {
    return seconds / 60 + ":" + (seconds % 60 < 10 ? "0" : "") + seconds % 60;
  }

  private static int seconds(List<Drill> drills) {
    return drills.stream().mapToInt(Drill::seconds).sum();
  }
}
