package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.floor.Facing;
import ulnaawl.teach.lesson.Drill;
import ulnaawl.teach.lesson.DrillShape;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.teach.school.OpenDrill;

/**
 * Makes drills one after another: counts, time, where the class faces and what to say. It remembers
 * where the class stands, so that it is turned only where it stands elsewhere.
 */
final class DrillWriter {

  private final Lesson lesson;
  private final SectionDrafts sections;
  private final WallDrafts walls;

  /** Where the class faces. */
  private Facing standing = Facing.FRONT;

  DrillWriter(Lesson lesson) {
    this.lesson = lesson;
    this.sections = new SectionDrafts(lesson);
    this.walls = new WallDrafts(lesson);
  }

  Drill write(OpenDrill slot, int repetitions) {
    Draft draft = draft(slot);
    List<Say> say = new ArrayList<>();
    if (!standing.equals(draft.start())) {
      say.add(new Say.TurnTheClass(draft.start()));
    }
    say.addAll(draft.say());
    standing = draft.end();
    DrillShape shape =
        new DrillShape(
            slot.mode(),
            slot.percent(),
            draft.counts(),
            lead(slot),
            draft.talkSeconds(),
            !draft.start().equals(draft.end()),
            draft.songMillis());
    return new Drill(
        slot.scope(),
        repetitions,
        shape,
        lesson.learner().pace().time(shape, repetitions, lesson.rate()),
        draft.start(),
        draft.end(),
        say);
  }

  private int lead(OpenDrill slot) {
    return switch (slot.mode()) {
      case WORDS -> 0;
      case COUNTS -> TeachPace.countIn(lesson.dance().headers().meter());
      case MUSIC -> lesson.intro();
    };
  }

  private Draft draft(OpenDrill slot) {
    Mode mode = slot.mode();
    return switch (slot.scope()) {
      case Scope.OneSection it -> sections.section(mode, it);
      case Scope.Run it -> sections.run(mode, it);
      case Scope.Join it -> sections.join(mode, it);
      case Scope.Option it -> sections.option(it);
      case Scope.Link it -> walls.link(mode, it);
      case Scope.Walls it -> walls.walls(it);
      case Scope.Song _ -> walls.song();
      case Scope.Event it -> walls.exception(mode, it);
    };
  }
}
