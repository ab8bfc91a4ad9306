package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.Exposure;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Practice;
import ulnaawl.teach.school.OpenDrill;
import ulnaawl.teach.school.School;

/**
 * A laid-out teach.
 *
 * @param school the school it follows; empty for one that was put together by hand
 * @param drills in order
 * @param seconds seconds in all; more than there are only where not even the shortest fits
 * @param reached sections that the group has been shown by the end, before or in this teach
 * @param sections sections of the dance
 * @param pieces what has to be learned, in teaching order
 * @param before how much of each piece's practice is done before the first drill, in thousandths
 * @param steps how much of each piece's practice is done after each drill, in thousandths
 * @param exposures how often each piece is danced, in which modes and at which paces
 * @param rest what is left for the next class; empty where the whole dance is taught
 * @param howFar where it could stop; nothing for one that was put together by hand
 * @param reasons why it is laid out so
 */
public record Teach(
    Optional<School> school,
    List<Drill> drills,
    int seconds,
    SectionSet reached,
    int sections,
    List<Piece> pieces,
    List<Integer> before,
    List<List<Integer>> steps,
    List<List<Exposure>> exposures,
    Optional<TeachReason> rest,
    List<HowFar> howFar,
    List<TeachReason> reasons) {

  public Teach {
    drills = List.copyOf(drills);
    pieces = List.copyOf(pieces);
    before = List.copyOf(before);
    steps = List.copyOf(steps);
    exposures = List.copyOf(exposures);
    howFar = List.copyOf(howFar);
    reasons = List.copyOf(reasons);
  }

  /** Whether the whole dance has been taught by the end. */
  public boolean isWhole() {
    return reached.isWhole(sections);
  }

  /**
   * Sections that have been practised in this teach after its first drills.
   *
   * @param done how many drills, 0 or more; more than there are for all
   */
  public SectionSet practised(int done) {
    int last = Math.min(done, steps.size()) - 1;
    List<Integer> risen = new ArrayList<>();
    for (int piece = 0; last >= 0 && piece < pieces.size(); piece++) {
      if (pieces.get(piece) instanceof Piece.Steps it
          && steps.get(last).get(piece) > before.get(piece)) {
        risen.add(it.section());
      }
    }
    return SectionSet.of(risen);
  }

  /** How much of a piece's practice is done by the end, in thousandths. */
  public int practiceDone(Piece piece) {
    int at = pieces.indexOf(piece);
    return steps.isEmpty() ? before.get(at) : steps.getLast().get(at);
  }

  /** How ready the least ready of the sections is, in thousandths. */
  public int leastSection() {
    return pieces.stream()
        .filter(Piece.Steps.class::isInstance)
        .mapToInt(this::practiceDone)
        .min()
        .orElse(0);
  }

  /**
   * Lays a teach out in the order of a school.
   *
   * @param minutes 1 to {@link TeachBuilder#MOST_MINUTES}
   */
  public static Teach of(Lesson lesson, School school, int minutes) {
    return new TeachBuilder(lesson).inOrderOf(school, minutes, OptionalInt.empty());
  }

  /**
   * Lays a teach out in the order of a school, as far as somebody wants.
   *
   * @param upTo how many sections of the school's order are taught by the end; more than there are
   *     for all
   */
  public static Teach of(Lesson lesson, School school, int minutes, int upTo) {
    return new TeachBuilder(lesson).inOrderOf(school, minutes, OptionalInt.of(upTo));
  }

  /**
   * Lays drills out as they stand, with repetitions that fit.
   *
   * @param slots in order; a locked one has as many repetitions at least as at most
   * @throws IllegalArgumentException where a drill is none of this dance
   */
  public static Teach of(Lesson lesson, List<OpenDrill> slots, int minutes) {
    return new TeachBuilder(lesson).asTheyStand(slots, minutes);
  }

  static List<Integer> practiceDone(Lesson lesson, Practice practice) {
    List<Integer> all = new ArrayList<>();
    lesson.pieces().forEach(piece -> all.add(practice.practiceDone(lesson, piece)));
    return all;
  }
}
