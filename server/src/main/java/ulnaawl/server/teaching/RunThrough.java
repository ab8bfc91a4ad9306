package ulnaawl.server.teaching;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.music.Count;
import ulnaawl.music.Tempo;
import ulnaawl.teach.TempoLadder;
import ulnaawl.wall.Stretch;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;

/** What is played and shown in a run-through: rungs, walls, and every place in time. */
final class RunThrough {

  private RunThrough() {}

  /** A rung of the ladder. */
  record Rung(int percent, String countsPerMinute, double secondsPerCount) {}

  /**
   * A place as it is shown while the beat runs.
   *
   * @param tick ticks from the start of its wall, twelve to a count, 0 on the wall's first count
   * @param facing on the room clock, after it
   */
  record RunStep(
      int tick,
      String count,
      @Nullable String foot,
      boolean takesWeight,
      String action,
      String call,
      int step,
      int section,
      String turn,
      int facing) {}

  /**
   * A wall with its tag.
   *
   * @param counts counts with the tag
   * @param special what is special, in words; may be empty
   */
  record RunWall(
      int number,
      String part,
      int startFacing,
      int counts,
      List<String> special,
      List<RunStep> steps) {}

  /** A run-through; the full rate is in counts a minute. */
  record RunThroughView(
      long dance,
      String title,
      String fullRate,
      boolean rateKnown,
      int beats,
      int sectionCounts,
      boolean ladderForKnown,
      List<Rung> ladder,
      List<RunWall> walls) {}

  static RunThroughView of(
      long id,
      Dance dance,
      WallSequence sequence,
      boolean rateKnown,
      TempoLadder ladder,
      boolean known) {
    List<Rung> rungs = new ArrayList<>();
    for (int i = 0; i < ladder.percents().size(); i++) {
      Tempo tempo = ladder.rate(i);
      rungs.add(
          new Rung(
              ladder.percents().get(i),
              String.valueOf(Math.round(tempo.milliBpm() / 1000.0)),
              60_000.0 / tempo.milliBpm()));
    }
    return new RunThroughView(
        id,
        dance.title(),
        ladder.full().label(),
        rateKnown,
        dance.headers().meter().beats(),
        dance.headers().meter().sectionCounts(),
        known,
        rungs,
        sequence.walls().stream().map(RunThrough::wall).toList());
  }

  private static RunWall wall(Wall wall) {
    List<RunStep> steps = new ArrayList<>();
    int before = 0;
    Facing facing = wall.startFacing();
    for (Stretch stretch : wall.stretches()) {
      for (Place place : stretch.places()) {
        facing = facing.plus(place.turn());
        int tick =
            place.at().ticks() - Count.TICKS - stretch.from() * Count.TICKS + before * Count.TICKS;
        steps.add(
            new RunStep(
                tick,
                place.count().label(),
                place.foot().map(Foot::letter).orElse(null),
                !place.isWithoutWeight() && place.foot().isPresent(),
                place.description(),
                place.call(),
                place.step(),
                place.section(),
                place.turn().label(),
                facing.eighths()));
      }
      before += stretch.counts();
    }
    List<String> special =
        wall.events().stream()
            .map(event -> event.label() + ", facing " + event.from().clock())
            .toList();
    return new RunWall(
        wall.number(), wall.part(), wall.startFacing().eighths(), before, special, steps);
  }
}
