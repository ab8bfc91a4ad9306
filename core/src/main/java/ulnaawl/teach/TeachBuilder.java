package ulnaawl.teach;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import ulnaawl.dance.Section;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Exposure;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Practice;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.school.School;
import ulnaawl.teach.school.SchoolOrder;
import ulnaawl.teach.school.Slot;
import ulnaawl.wall.EventId;

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
    SchoolOrder order = school.order();
    SectionSet known = lesson.learner().shown();
    // What the group has been shown to the end is taught again from the start.
    SectionSet shown = known.isWhole(all) || !order.goesOn() ? SectionSet.NONE : known;
    int stop = 0;
    for (int next : order.stops(lesson)) {
      boolean adds = !shown.containsAll(order.reached(lesson, SectionSet.NONE, next));
      boolean first = stop == 0;
      if (adds && (first || shortest(order.slots(lesson, shown, next)) <= minutes * 60)) {
        stop = next;
      }
    }
    SectionSet reached = order.reached(lesson, shown, stop);
    List<Slot> slots = order.slots(lesson, shown, stop);
    int shortest = shortest(slots);
    List<Piece> target = target(slots);
    int[] repetitions = new Fit(lesson, slots, target).within(minutes * 60);
    List<Drill> drills = drills(slots, repetitions);
    return teach(
        Optional.of(school),
        drills,
        reached,
        rest(reached),
        reasons(school, shown, reached, shortest, minutes, drills, target));
  }

  Teach asTheyStand(List<Slot> slots, int minutes) {
    check(minutes);
    if (slots.size() > MOST_DRILLS) {
      throw new IllegalArgumentException("A teach has up to " + MOST_DRILLS + " drills.");
    }
    for (Slot slot : slots) {
      if (!lesson.has(slot.scope())) {
        throw new IllegalArgumentException("This dance has no such drill: " + slot.scope() + ".");
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
    List<TeachReason> reasons = new ArrayList<>();
    reasons.add(new TeachReason.OwnOrder());
    if (over > 0) {
      reasons.add(new TeachReason.TooLong(over, minutes));
    }
    SectionSet danced = SectionSet.of(shown);
    SectionSet missing = SectionSet.upTo(lesson.sections().size()).without(danced);
    Optional<TeachReason> rest =
        missing.isEmpty() ? Optional.empty() : Optional.of(new TeachReason.NotDanced(missing));
    SectionSet reached = danced.with(lesson.learner().shown());
    return teach(Optional.empty(), drills, reached, rest, reasons);
  }

  private Teach teach(
      Optional<School> school,
      List<Drill> drills,
      SectionSet reached,
      Optional<TeachReason> rest,
      List<TeachReason> reasons) {
    List<List<Integer>> steps =
        practised(drills).stream().map(it -> Teach.readiness(lesson, it)).toList();
    return new Teach(
        school,
        drills,
        drills.stream().mapToInt(Drill::seconds).sum(),
        reached,
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

  /** What is left for the next class. */
  private Optional<TeachReason> rest(SectionSet reached) {
    SectionSet all = SectionSet.upTo(lesson.sections().size());
    SectionSet left = all.without(reached);
    if (left.isEmpty()) {
      return Optional.empty();
    }
    List<EventId> exceptions =
        lesson.events().stream()
            .flatMap(it -> it instanceof Scope.Event one ? Stream.of(one.event()) : Stream.of())
            .toList();
    boolean inOne = reached.runs().size() == 1;
    Section first = lesson.section(reached.numbers().getFirst());
    Section last = lesson.section(reached.numbers().getLast());
    if (inOne && reached.contains(1)) {
      return Optional.of(new TeachReason.UpTo(last.number(), last.endFacing(), left, exceptions));
    }
    if (inOne && reached.contains(all.size())) {
      return Optional.of(
          new TeachReason.FromOn(first.number(), first.startFacing(), left, exceptions));
    }
    return Optional.of(new TeachReason.Some(reached, left, exceptions));
  }

  private List<TeachReason> reasons(
      School school,
      SectionSet known,
      SectionSet reached,
      int shortest,
      int minutes,
      List<Drill> drills,
      List<Piece> target) {
    List<TeachReason> reasons = new ArrayList<>();
    reasons.add(new TeachReason.Follows(school));
    if (!known.isEmpty()) {
      reasons.add(new TeachReason.BeginsWithReminder(known));
    }
    int seconds = drills.stream().mapToInt(Drill::seconds).sum();
    boolean whole = reached.isWhole(lesson.sections().size());
    reasons.add(new TeachReason.Shortest(whole, shortest, Math.max(0, seconds - shortest)));
    if (shortest > minutes * 60) {
      reasons.add(new TeachReason.DoesNotFit(minutes));
    }
    int left = minutes * 60 - seconds;
    if (left >= 60 && whole) {
      reasons.add(new TeachReason.TimeLeft(left));
    }
    Practice end = practised(drills).getLast();
    target.stream()
        .flatMap(it -> it instanceof Piece.Steps steps ? Stream.of(steps) : Stream.of())
        .min(Comparator.comparingInt(piece -> end.readiness(lesson, piece)))
        .ifPresent(piece ->
            reasons.add(
                new TeachReason.LeastReady(piece.section(), end.readiness(lesson, piece) / 10)));
    return reasons;
  }
}
