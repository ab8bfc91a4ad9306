package ulnaawl.server.teaching;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.music.Tempo;
import ulnaawl.server.wire.PlaceView;
import ulnaawl.server.wire.WallView;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;
import ulnaawl.words.Speech;

/** What is played and shown in a run-through: rungs, walls, and every place in time. */
final class RunThrough {

  private RunThrough() {}

  /** A rung of the ladder. */
  record Rung(int percent, Tempo countsPerMinute, double secondsPerCount) {}

  /**
   * A place as it is shown while the beat runs.
   *
   * @param tick ticks from the start of its wall, twelve to a count, 0 on the wall's first count
   * @param facing after it, on the clock of the room
   */
  record RunStep(int tick, Facing facing, PlaceView place) {}

  /** A wall with everything that is danced on it, its tags included. */
  record RunWall(WallView wall, List<RunStep> steps) {}

  /** A run-through; the full rate is in counts a minute. */
  record RunThroughView(
      long dance,
      String title,
      Tempo fullRate,
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
      boolean known,
      Speech speech) {
    List<Rung> rungs = new ArrayList<>();
    for (int i = 0; i < ladder.percents().size(); i++) {
      Tempo tempo = ladder.rate(i);
      rungs.add(new Rung(ladder.percents().get(i), tempo, 60_000.0 / tempo.milliBpm()));
    }
    return new RunThroughView(
        id,
        dance.title(),
        ladder.full(),
        rateKnown,
        dance.headers().meter().beats(),
        dance.headers().meter().sectionCounts(),
        known,
        rungs,
        sequence.walls().stream().map(wall -> wall(wall, speech)).toList());
  }

  private static RunWall wall(Wall wall, Speech speech) {
    List<PlaceView> places =
        wall.stretches().stream()
            .flatMap(stretch -> PlaceView.of(stretch.places()).stream())
            .toList();
    List<RunStep> steps = new ArrayList<>();
    for (DancedPlace moment : DancedPlace.of(wall)) {
      steps.add(new RunStep(moment.tickIn(wall), moment.facing(), places.get(steps.size())));
    }
    return new RunWall(WallView.of(wall, speech), steps);
  }
}
