package ulnaawl.teach.school;

import java.util.ArrayList;
import java.util.List;
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
  static final int JOINING = 80;
  static final int NEARLY = 90;
  static final int FULL = 100;

  private Drills() {}

  /** The numbers of all sections, in order. */
  static List<Integer> inOrder(Lesson lesson) {
    return lesson.sections().stream().map(Section::number).toList();
  }

  /** What the group has been shown before, once more: part by part from the top. */
  static List<Slot> reminder(Lesson lesson, SectionSet known) {
    return wholes(lesson, known).stream().map(it -> Slot.counts(it, LEARNING, 1, 3)).toList();
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
  static List<Slot> addedOn(Lesson lesson, SectionSet known, List<Integer> fresh) {
    List<Slot> slots = new ArrayList<>();
    SectionSet covered = known;
    for (int section : fresh) {
      covered = covered.with(SectionSet.between(section, section));
      slots.addAll(shown(lesson, section));
      slots.addAll(around(lesson, covered, section, LEARNING, 1, 3));
    }
    return slots;
  }

  /** The unbroken run of its part in which a section lies; nothing where it stands alone. */
  static List<Slot> around(
      Lesson lesson, SectionSet covered, int section, int percent, int least, int most) {
    return wholes(lesson, covered).stream()
        .filter(it -> it instanceof Scope.Run run && run.from() <= section && run.to() >= section)
        .map(it -> Slot.counts(it, percent, least, most))
        .toList();
  }

  /** Every exception from its own wall, a few times. */
  static List<Slot> exceptions(Lesson lesson, int most) {
    return lesson.events().stream().map(scope -> Slot.counts(scope, LEARNING, 1, most)).toList();
  }

  /** A section in words, then in counts; one that is marked gets a slow breakdown besides. */
  static List<Slot> shown(Lesson lesson, int section) {
    return shown(lesson, section, 2);
  }

  /** The same with so many turns in counts at least. */
  static List<Slot> shown(Lesson lesson, int section, int least) {
    Scope scope = new Scope.OneSection(section);
    List<Slot> slots = new ArrayList<>();
    slots.add(Slot.words(scope, 1, 3));
    if (lesson.learner().watchOuts().containsKey(section)) {
      slots.add(Slot.counts(scope, BREAKDOWN, 2, 4));
    }
    slots.add(Slot.counts(scope, LEARNING, least, 5));
    return slots;
  }

  /**
   * What comes when every section has been shown: the end into the start, the wall at the back,
   * more walls without stopping, every exception from its own wall, then music.
   */
  static List<Slot> closing(Lesson lesson) {
    List<Slot> slots = new ArrayList<>();
    for (Piece piece : lesson.pieces()) {
      if (piece instanceof Piece.Link link) {
        slots.add(Slot.counts(new Scope.Link(link.last(), link.first()), LEARNING, 1, 4));
      }
    }
    List<Wall> walls = lesson.walls().walls();
    int all = Math.min(walls.size(), 4);
    int back =
        walls.stream()
            .limit(4)
            .filter(wall -> wall.startFacing().eighths() == 4)
            .map(Wall::number)
            .findFirst()
            .orElse(0);
    if (all > 1) {
      slots.add(Slot.counts(new Scope.Walls(1, 2), JOINING, 1, 2));
    }
    if (back > 2) {
      slots.add(Slot.counts(new Scope.Walls(back, back), JOINING, 0, 2));
    }
    slots.addAll(exceptions(lesson, 4));
    if (all > 2) {
      slots.add(Slot.counts(new Scope.Walls(1, all), NEARLY, 0, 1));
    }
    slots.add(new Slot(new Scope.Walls(1, all), Mode.MUSIC, FULL, 0, 1));
    return slots;
  }
}
