package ulnaawl.play;

import java.util.List;
import java.util.stream.Stream;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.wall.CallSheet;

/**
 * What one pass of a scope dances, on one axis of time: ticks from its first count, twelve to a
 * count.
 *
 * @param songStart counts of the song that are danced before it, where the song has it first
 * @param counts whole counts of one pass
 * @param startFacing where the class stands before it, on the room clock
 * @param startFeet where the feet stand before it
 * @param startWeight the weight before it
 * @param legs its sections and what is put in, in order of time
 * @param steps its places in order of time
 * @param announced what is to be called in it besides its figures, in order of time
 */
public record Track(
    int songStart,
    int counts,
    Facing startFacing,
    Feet startFeet,
    Weight startWeight,
    List<Leg> legs,
    List<Step> steps,
    List<Announced> announced) {

  public Track {
    legs = List.copyOf(legs);
    steps = List.copyOf(steps);
    announced = List.copyOf(announced);
  }

  /**
   * A place of a track.
   *
   * @param tick ticks from the first count of the track; less than 0 for a pick-up before it
   * @param leg which leg it belongs to, from 0
   * @param place the place
   * @param danced the feet on the floor after it, and where the body faces in the hall
   */
  public record Step(int tick, int leg, Place place, Footwork.After danced) {}

  /**
   * Something to call besides the figures.
   *
   * @param tick when it is danced, in ticks from the first count of the track
   * @param call what it is
   */
  public record Announced(int tick, CallSheet.Call call) {}

  /**
   * What a scope dances.
   *
   * @param scope one of the lesson's, see {@link Lesson#has}
   */
  public static Track of(Lesson lesson, Scope scope) {
    SectionTracks sections = new SectionTracks(lesson);
    WallTracks walls = new WallTracks(lesson);
    return switch (scope) {
      case Scope.OneSection it -> sections.run(it.section(), it.section());
      case Scope.Run it -> sections.run(it.from(), it.to());
      case Scope.Join it -> sections.join(it.from(), it.to());
      case Scope.Option it -> sections.option(it);
      case Scope.Link it -> walls.link(it);
      case Scope.Walls it -> walls.walls(it);
      case Scope.Song _ -> walls.song();
      case Scope.Event it -> walls.event(it);
    };
  }

  /** Its length in ticks. */
  public int ticks() {
    return counts * Count.TICKS;
  }

  /** The steps of a leg, by its number from 0. */
  public Stream<Step> stepsOf(int leg) {
    return steps.stream().filter(step -> step.leg() == leg);
  }

  /**
   * Whether every section is danced in it from end to end. Only then has a class danced the dance;
   * anything less is practice (common practice).
   */
  public boolean isWhole(Lesson lesson) {
    return lesson.sections().stream()
        .allMatch(section ->
            legs.stream()
                .anyMatch(
                    leg -> leg.section() == section.number() && leg.counts() == section.counts()));
  }
}
