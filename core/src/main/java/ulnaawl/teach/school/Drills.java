package ulnaawl.teach.school;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Section;
import ulnaawl.dance.SectionSet;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.wall.Wall;

/** Drills that several schools share. Common practice, no source. */
final class Drills {

  static final int LEARNING = 70;
  static final int BREAKDOWN = 60;

  /** The rung between learning and full speed: none rises by more than 15 %. */
  static final int JOINING = 85;

  static final int FULL = 100;

  /** A group walks at most so many walls in one drill. */
  private static final int MOST_WALLS = 4;

  private Drills() {}

  /** The numbers of all sections, in order. */
  static List<Integer> inOrder(Lesson lesson) {
    return lesson.sections().stream().map(Section::number).toList();
  }

  /** What the group has been shown before, once more: part by part, in words, then in counts. */
  static List<OpenDrill> reminder(Lesson lesson, SectionSet known) {
    return wholes(lesson, known).stream()
        .flatMap(it -> Stream.of(OpenDrill.words(it, 1, 1), OpenDrill.counts(it, LEARNING, 1, 3)))
        .toList();
  }

  /** Sections of a part in a row; one alone is a section. */
  private static Scope inOne(List<Integer> sections) {
    return sections.size() == 1
        ? new Scope.OneSection(sections.getFirst())
        : new Scope.Run(sections.getFirst(), sections.getLast());
  }

  /** Every unbroken run of some sections, part by part. */
  static List<Scope> wholes(Lesson lesson, SectionSet sections) {
    List<Scope> wholes = new ArrayList<>();
    for (Passage part : lesson.dance().parts()) {
      SectionSet own =
          SectionSet.of(
              part.sections().stream().map(Section::number).filter(sections::contains).toList());
      own.runs().forEach(run -> wholes.add(inOne(run)));
    }
    return wholes;
  }

  /** After each new section, everything around it that has been shown by then, without a gap. */
  static List<OpenDrill> addedOn(Lesson lesson, SectionSet known, List<Integer> fresh) {
    List<OpenDrill> slots = new ArrayList<>();
    SectionSet covered = known;
    for (int section : fresh) {
      covered = covered.with(SectionSet.between(section, section));
      slots.addAll(shown(lesson, section));
      slots.addAll(around(lesson, covered, section, LEARNING, 1, 3));
    }
    return slots;
  }

  /** The unbroken run of its part in which a section lies; nothing where it stands alone. */
  static List<OpenDrill> around(
      Lesson lesson, SectionSet covered, int section, int percent, int least, int most) {
    return wholes(lesson, covered).stream()
        .filter(it -> it instanceof Scope.Run run && run.from() <= section && run.to() >= section)
        .map(it -> OpenDrill.counts(it, percent, least, most))
        .toList();
  }

  /** Every exception from its own wall, in words and then in counts. */
  static List<OpenDrill> exceptions(Lesson lesson, int most) {
    List<OpenDrill> slots = new ArrayList<>();
    for (Scope scope : lesson.events()) {
      slots.add(OpenDrill.words(scope, 1, 1));
      slots.add(OpenDrill.counts(scope, LEARNING, 1, most));
    }
    return slots;
  }

  /** Every end that goes on into a start: its own, or that of another part, which is told first. */
  static List<OpenDrill> links(Lesson lesson, int percent, int least, int most) {
    List<OpenDrill> slots = new ArrayList<>();
    for (Piece piece : lesson.pieces()) {
      if (piece instanceof Piece.Link link) {
        Scope scope = new Scope.Link(link.last(), link.first());
        if (!lesson.part(link.last()).equals(lesson.part(link.first()))) {
          slots.add(OpenDrill.words(scope, least, 1));
        }
        slots.add(OpenDrill.counts(scope, percent, least, most));
      }
    }
    return slots;
  }

  /** What has been shown, at the rungs above the one at which it was learned. */
  static List<OpenDrill> upTheLadder(Lesson lesson, SectionSet covered, List<OpenDrill> before) {
    List<OpenDrill> slots = new ArrayList<>();
    for (int percent : List.of(JOINING, FULL)) {
      for (Scope whole : wholes(lesson, covered)) {
        boolean there =
            before.stream().anyMatch(it -> it.scope().equals(whole) && it.percent() == percent);
        if (!there) {
          slots.add(OpenDrill.counts(whole, percent, 0, 3));
        }
      }
    }
    return slots;
  }

  /** A section in words, then in counts; one that is marked gets a slow breakdown besides. */
  static List<OpenDrill> shown(Lesson lesson, int section) {
    return shown(lesson, section, 2);
  }

  /** The same with so many turns in counts at least. */
  static List<OpenDrill> shown(Lesson lesson, int section, int least) {
    Scope scope = new Scope.OneSection(section);
    List<OpenDrill> slots = new ArrayList<>();
    slots.add(OpenDrill.words(scope, 1, 3));
    if (lesson.learner().watchOuts().containsKey(section)) {
      slots.add(OpenDrill.counts(scope, BREAKDOWN, 2, 4));
    }
    slots.add(OpenDrill.counts(scope, LEARNING, least, 5));
    return slots;
  }

  /**
   * What comes when every section has been shown: the end into the start; walls that nothing
   * special comes in, the one at the back among them; every exception from its own wall; only then
   * walls that contain them, slower and at full speed; then music.
   */
  static List<OpenDrill> closing(Lesson lesson) {
    List<OpenDrill> slots = new ArrayList<>(links(lesson, LEARNING, 1, 3));
    slots.addAll(allWalls(lesson, exceptions(lesson, 3), 1));
    return slots;
  }

  /**
   * The walls, with what has to be taught before those that it comes in.
   *
   * @param least the fewest repetitions of the back wall and of the first walls in a row
   */
  static List<OpenDrill> allWalls(Lesson lesson, List<OpenDrill> exceptions, int least) {
    List<Wall> walls = lesson.walls().walls();
    int all = Math.min(walls.size(), MOST_WALLS);
    List<OpenDrill> slots = new ArrayList<>();
    Optional<Wall> back =
        walls.stream().limit(all).filter(wall -> wall.startFacing().eighths() == 4).findFirst();
    back.filter(Drills::isPlain)
        .ifPresent(wall -> slots.add(OpenDrill.counts(only(wall), LEARNING, least, 2)));
    slots.addAll(exceptions);
    back.filter(wall -> !isPlain(wall))
        .ifPresent(wall -> slots.add(OpenDrill.counts(only(wall), LEARNING, least, 2)));
    if (all > 2) {
      slots.add(OpenDrill.counts(new Scope.Walls(1, 2), JOINING, least, 2));
    }
    slots.add(OpenDrill.counts(new Scope.Walls(1, all), JOINING, all > 2 ? 0 : least, 1));
    slots.add(OpenDrill.counts(new Scope.Walls(1, all), FULL, 0, 1));
    slots.add(new OpenDrill(new Scope.Walls(1, all), Mode.MUSIC, FULL, 0, 1));
    slots.add(new OpenDrill(new Scope.Song(), Mode.MUSIC, FULL, 0, 1));
    return slots;
  }

  private static Scope only(Wall wall) {
    return new Scope.Walls(wall.number(), wall.number());
  }

  private static boolean isPlain(Wall wall) {
    return wall.events().isEmpty();
  }
}
