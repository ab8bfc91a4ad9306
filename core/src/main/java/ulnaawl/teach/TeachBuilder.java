package ulnaawl.teach;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import ulnaawl.dance.Section;
import ulnaawl.music.PlayTime;

/** Puts a teach together. */
public final class TeachBuilder {

  /** The longest teach that is laid out. */
  public static final int MOST_MINUTES = 240;

  /** The most drills of a teach. */
  public static final int MOST_DRILLS = 200;

  private final Lesson lesson;

  TeachBuilder(Lesson lesson) {
    this.lesson = lesson;
  }

  private static void check(int minutes) {
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException("A teach has 1 to 240 minutes, not " + minutes);
    }
  }

  Teach inOrderOf(School school, int minutes) {
    check(minutes);
    int all = lesson.sections().size();
    int known = Math.min(lesson.learner().sections(), all);
    // What the group has been shown to the end is taught again from the start.
    int shown = known == all || !school.goesOn() ? 0 : known;
    List<Integer> stops = school.stops(lesson).stream().filter(it -> it > shown).toList();
    int reaches = stops.getFirst();
    for (int stop : stops) {
      if (shortest(school.slots(lesson, shown, stop)) <= minutes * 60) {
        reaches = stop;
      }
    }
    List<Slot> slots = school.slots(lesson, shown, reaches);
    int shortest = shortest(slots);
    List<Piece> target = target(slots);
    int[] repetitions = new Fit(lesson, slots, target).within(minutes * 60);
    List<Drill> drills = drills(slots, repetitions);
    Optional<String> rest = rest(school, reaches);
    return teach(
        Optional.of(school),
        drills,
        reaches,
        rest,
        reasons(school, shown, reaches, shortest, minutes, drills, target));
  }

  Teach asTheyStand(List<Slot> slots, int minutes) {
    check(minutes);
    if (slots.size() > MOST_DRILLS) {
      throw new IllegalArgumentException("A teach has up to " + MOST_DRILLS + " drills.");
    }
    for (Slot slot : slots) {
      if (!lesson.has(slot.scope())) {
        throw new IllegalArgumentException(
            "This dance has no such drill: " + slot.scope().label() + ".");
      }
    }
    int[] repetitions = new Fit(lesson, slots, target(slots)).within(minutes * 60);
    List<Drill> drills = drills(slots, repetitions);
    Set<Integer> shown = new LinkedHashSet<>();
    for (Drill drill : drills) {
      for (Piece piece : lesson.covers(drill.scope()).keySet()) {
        if (piece instanceof Piece.Steps it) {
          shown.add(it.section());
        }
      }
    }
    int over = drills.stream().mapToInt(Drill::seconds).sum() - minutes * 60;
    List<String> reasons = new ArrayList<>();
    reasons.add("Your own order; the repetitions that are not locked fit the minutes.");
    if (over > 0) {
      reasons.add(
          "It takes " + PlayTime.of(over) + " more than the " + minutes + " minutes there are.");
    }
    List<Integer> missing =
        Drills.inOrder(lesson).stream().filter(it -> !shown.contains(it)).toList();
    Optional<String> rest =
        missing.isEmpty()
            ? Optional.empty()
            : Optional.of("Not danced yet: " + sections(missing) + ".");
    return teach(Optional.empty(), drills, shown.size(), rest, reasons);
  }

  private Teach teach(
      Optional<School> school,
      List<Drill> drills,
      int reaches,
      Optional<String> rest,
      List<String> reasons) {
    List<List<Integer>> steps =
        practised(drills).stream().map(it -> Teach.readiness(lesson, it)).toList();
    return new Teach(
        school,
        drills,
        drills.stream().mapToInt(Drill::seconds).sum(),
        reaches,
        lesson.sections().size(),
        lesson.pieces(),
        Teach.readiness(lesson, lesson.before()),
        steps,
        lesson.pieces().stream().map(piece -> exposures(piece, drills)).toList(),
        rest,
        reasons);
  }

  /** What has been practised after each drill. */
  private List<Practice> practised(List<Drill> drills) {
    List<Practice> all = new ArrayList<>();
    Practice practice = lesson.before();
    for (Drill drill : drills) {
      practice = practice.with(lesson, drill);
      all.add(practice);
    }
    return all;
  }

  /** How often a piece is danced in each way, in the order in which the ways come. */
  private List<Exposure> exposures(Piece piece, List<Drill> drills) {
    Map<Exposure, Integer> turns = new LinkedHashMap<>();
    for (Drill drill : drills) {
      int share = lesson.covers(drill.scope()).getOrDefault(piece, 0) * drill.repetitions();
      if (share > 0) {
        turns.merge(new Exposure(drill.mode(), drill.percent(), 0), share, Integer::sum);
      }
    }
    return turns.entrySet().stream()
        .map(it -> new Exposure(it.getKey().mode(), it.getKey().percent(), it.getValue()))
        .toList();
  }

  private List<Drill> drills(List<Slot> slots, int[] repetitions) {
    DrillWriter writer = new DrillWriter(lesson);
    List<Drill> drills = new ArrayList<>();
    for (int i = 0; i < slots.size(); i++) {
      if (repetitions[i] > 0) {
        drills.add(writer.write(slots.get(i), repetitions[i]));
      }
    }
    return drills;
  }

  private int shortest(List<Slot> slots) {
    DrillWriter writer = new DrillWriter(lesson);
    return slots.stream()
        .filter(slot -> slot.least() > 0)
        .mapToInt(slot -> writer.write(slot, slot.least()).seconds())
        .sum();
  }

  /** The pieces that the drills touch. */
  private List<Piece> target(List<Slot> slots) {
    Set<Piece> touched = new LinkedHashSet<>();
    slots.forEach(slot -> touched.addAll(lesson.covers(slot.scope()).keySet()));
    return lesson.pieces().stream().filter(touched::contains).toList();
  }

  private Optional<String> rest(School school, int reaches) {
    List<Integer> order = school.order(lesson);
    if (reaches == order.size()) {
      return Optional.empty();
    }
    int last = order.get(reaches - 1);
    Section section = lesson.section(last);
    boolean backwards = order.getFirst() > order.getLast();
    String until =
        backwards
            ? "From section " + last + " to the end, beginning at " + section.startFacing().clock()
            : "To the end of section " + last + ", facing " + section.endFacing().clock();
    List<Integer> left = order.subList(reaches, order.size()).stream().sorted().toList();
    String exceptions =
        lesson.specials().isEmpty()
            ? ""
            : " and "
                + lesson.specials().stream()
                    .map(scope -> scope instanceof Scope.Special it ? "the " + it.name() : "")
                    .collect(Collectors.joining(", "));
    return Optional.of(
        until + "; " + sections(left) + exceptions + " next time, with a reminder in front.");
  }

  private static String sections(List<Integer> numbers) {
    if (numbers.size() == 1) {
      return "section " + numbers.getFirst();
    }
    boolean row = numbers.getLast() - numbers.getFirst() == numbers.size() - 1;
    return "sections "
        + (row
            ? numbers.getFirst() + " to " + numbers.getLast()
            : numbers.stream().map(String::valueOf).collect(Collectors.joining(", ")));
  }

  private List<String> reasons(
      School school,
      int known,
      int reaches,
      int shortest,
      int minutes,
      List<Drill> drills,
      List<Piece> target) {
    List<String> reasons = new ArrayList<>();
    reasons.add(school.label() + ": " + school.goodFor() + ".");
    if (known > 0) {
      reasons.add(
          "The group has been shown "
              + sections(Drills.inOrder(lesson).subList(0, known))
              + ", so the teach begins with a reminder of these.");
    }
    int seconds = drills.stream().mapToInt(Drill::seconds).sum();
    reasons.add(
        "The shortest teach "
            + (reaches == lesson.sections().size() ? "of it all" : "so far")
            + " takes "
            + PlayTime.of(shortest)
            + "; "
            + PlayTime.of(Math.max(0, seconds - shortest))
            + " more went to what was least ready.");
    if (shortest > minutes * 60) {
      reasons.add("Not even this fits into " + minutes + " minutes.");
    }
    int left = minutes * 60 - seconds;
    if (left >= 60 && reaches == lesson.sections().size()) {
      reasons.add(PlayTime.of(left) + " are left for a run-through from slow to full speed.");
    }
    Practice end = practised(drills).getLast();
    target.stream()
        .filter(Piece.Steps.class::isInstance)
        .min(Comparator.comparingInt(piece -> end.readiness(lesson, piece)))
        .ifPresent(piece ->
            reasons.add(
                "Least ready by the end: "
                    + piece.label()
                    + ", "
                    + end.readiness(lesson, piece) / 10
                    + " %."));
    return reasons;
  }
}
