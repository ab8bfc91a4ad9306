package ulnaawl.teach;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Exposure;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.school.OpenDrill;
import ulnaawl.teach.school.School;

/** Puts a teach together. */
public final class TeachBuilder {

  /** The longest teach that is laid out. */
  public static final int MOST_MINUTES = 240;

  /** The most drills of a teach. */
  public static final int MOST_DRILLS = 200;

  private final Lesson lesson;
  private final TeachReasons reasons;

  TeachBuilder(Lesson lesson) {
    this.lesson = lesson;
    this.reasons = new TeachReasons(lesson);
  }

  private static void check(int minutes) {
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException("A teach has 1 to 240 minutes, not " + minutes);
    }
  }

  Teach inOrderOf(School school, int minutes, OptionalInt upTo) {
    check(minutes);
    Tonight tonight = Tonight.of(lesson, school.order(), minutes, upTo);
    SectionSet reached = tonight.stop().reached();
    return teach(
        Optional.of(school),
        tonight.stop().layout(),
        reached,
        reasons.rest(reached),
        tonight.howFar(),
        reasons.of(school, tonight, minutes));
  }

  Teach asTheyStand(List<OpenDrill> slots, int minutes) {
    check(minutes);
    if (slots.size() > MOST_DRILLS) {
      throw new IllegalArgumentException("A teach has up to " + MOST_DRILLS + " drills.");
    }
    for (OpenDrill slot : slots) {
      if (!lesson.has(slot.scope())) {
        throw new IllegalArgumentException("This dance has no such drill: " + slot.scope() + ".");
      }
    }
    Layout layout = Layout.of(lesson, slots, minutes * 60);
    Set<Integer> shown = new LinkedHashSet<>();
    for (Drill drill : layout.drills()) {
      for (Piece piece : lesson.covers(drill.scope()).keySet()) {
        if (piece instanceof Piece.Steps it) {
          shown.add(it.section());
        }
      }
    }
    SectionSet danced = SectionSet.of(shown);
    SectionSet missing = SectionSet.upTo(lesson.sections().size()).without(danced);
    Optional<TeachReason> rest =
        missing.isEmpty() ? Optional.empty() : Optional.of(new TeachReason.NotDanced(missing));
    return teach(
        Optional.empty(),
        layout,
        danced.with(lesson.learner().shown()),
        rest,
        List.of(),
        reasons.ofOwn(layout, minutes));
  }

  private Teach teach(
      Optional<School> school,
      Layout layout,
      SectionSet reached,
      Optional<TeachReason> rest,
      List<HowFar> howFar,
      List<TeachReason> why) {
    List<Drill> drills = layout.drills();
    return new Teach(
        school,
        drills,
        layout.seconds(),
        reached,
        lesson.sections().size(),
        lesson.pieces(),
        Teach.practiceDone(lesson, lesson.before()),
        layout.practice().stream().map(it -> Teach.practiceDone(lesson, it)).toList(),
        lesson.pieces().stream().map(piece -> exposures(piece, drills)).toList(),
        rest,
        howFar,
        why);
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
}
