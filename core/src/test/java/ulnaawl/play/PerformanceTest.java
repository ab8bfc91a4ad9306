package ulnaawl.play;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.RandomDance;
import ulnaawl.Tries;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Spot;
import ulnaawl.music.Meter;
import ulnaawl.music.Tempo;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.EventId;
import ulnaawl.wall.Wall;
import ulnaawl.words.Speech;

/** What is danced, counted and called in a run-through; by hand, and for random dances. */
public class PerformanceTest {

  private static final String PHRASING =
      """

      tag Pause
      1-4    sway R L R L

      phrasing
      after wall 2: tag Pause
      wall 4: restart after 8
      """;

  private static Lesson lesson(Dance dance) {
    return new Lesson(dance, FigureBook.standard(), Learner.fresh(TeachPace.PLAIN));
  }

  private static Lesson lanterns() {
    return lesson(Dances.dance(Dances.paperLanterns()));
  }

  private static Performance at(Track track, int bpm) {
    return Performance.of(track, Meter.FOUR, Tempo.ofBpm(bpm), Speech.english().walls());
  }

  private static String heard(Performance performance, int from, int to) {
    return performance.said().stream()
        .filter(it -> it.tick() >= from * 12 && it.tick() < to * 12)
        .map(Said::text)
        .collect(Collectors.joining(" | "));
  }

  /** By hand at 60 a minute, where a syllable takes 3 ticks: counts fill what the calls leave. */
  @Test
  public void countsInAndCallsBeforeTheStep() {
    Performance slow = at(Track.of(lanterns(), new Scope.OneSection(1)), 60);
    assertEquals(heard(slow, -4, 0), "5 | 6 | 7 | 8 | vine right");
    Said vine =
        slow.said().stream().filter(it -> it.text().equals("vine right")).findFirst().orElseThrow();
    assertEquals(List.of(vine.tick(), vine.endTick()), List.of(-6, 0));
    // "touch left" on 4 is begun on 3&; the side step on 5 has two syllables too.
    assertEquals(heard(slow, 0, 4), "1 | 2 | 3 | touch left | 4 | side left");
    assertEquals(slow.nanosAt(0), 4_000_000_000L);
    assertEquals(slow.nanosAt(6), 4_500_000_000L);
    assertEquals(slow.nanos(), 12_000_000_000L);
  }

  /** The tag after wall 2 is warned of on count 25 and called on count 29 of the wall. */
  @Test
  public void anExceptionIsWarnedOfAndCalled() {
    Track track = Track.of(lanterns(), new Scope.Walls(2, 3));
    assertEquals(track.songStart(), 32);
    assertEquals(track.counts(), 32 + 4 + 32);
    // A half turn left and a quarter right: wall 2 begins at 9.
    assertEquals(track.startFacing(), new Facing(6));
    Performance run = at(track, 112);
    Said warning = first(run, Said.Kind.WARNING);
    assertEquals(warning.tick(), 24 * 12);
    assertEquals(warning.text(), "tag coming");
    Said call = first(run, Said.Kind.EXCEPTION);
    assertEquals(call.tick(), 28 * 12);
    assertEquals(call.text(), "tag: sway right left right left");
  }

  private static Said first(Performance run, Said.Kind kind) {
    return run.said().stream().filter(it -> it.kind() == kind).findFirst().orElseThrow();
  }

  /** From its own wall: wall 5 of Paper Lanterns restarts after 16, having begun at 12. */
  @Test
  public void aRestartIsDancedWithItsRunIn() {
    Track track = Track.of(lanterns(), new Scope.Event(new EventId.Restart(16), 5));
    assertEquals(track.counts(), 16);
    assertEquals(
        track.legs().stream().map(leg -> leg.wall() + "/" + leg.section()).toList(),
        List.of("5/2", "6/1"));
    assertEquals(track.startFacing(), Facing.FRONT);
    // The changed steps on 15 and 16 must be heard before they are danced: on count 3 of the track.
    Performance run = at(track, 112);
    Said call = first(run, Said.Kind.EXCEPTION);
    assertEquals(call.tick(), 2 * 12);
    assertEquals(call.text(), "change and restart: walk back right left");
  }

  /** A wall is the dance; a section is not, nor a wall that a restart cuts short. */
  @Test
  public void onlyEverySectionIsTheWholeDance() {
    Lesson lesson = lanterns();
    assertTrue(Track.of(lesson, new Scope.Walls(1, 1)).isWhole(lesson));
    assertTrue(Track.of(lesson, new Scope.Run(1, 4)).isWhole(lesson));
    assertTrue(Track.of(lesson, new Scope.Walls(5, 6)).isWhole(lesson));
    assertFalse(Track.of(lesson, new Scope.Walls(5, 5)).isWhole(lesson));
    assertFalse(Track.of(lesson, new Scope.OneSection(1)).isWhole(lesson));
    assertFalse(Track.of(lesson, new Scope.Join(1, 2)).isWhole(lesson));
  }

  /** A join is counted as its sections are: 5 6 7 8, then 1 2 3 4. */
  @Test
  public void aJoinKeepsItsCounts() {
    Performance join = at(Track.of(lanterns(), new Scope.Join(1, 2)), 60);
    List<String> counts =
        join.said().stream()
            .filter(it -> it.kind() == Said.Kind.COUNT && it.tick() >= 0)
            .map(Said::text)
            .toList();
    assertTrue(counts.containsAll(List.of("5", "8", "1", "4")), counts.toString());
    assertEquals(join.track().songStart(), 4);
  }

  /** Whatever the dance, the scope and the speed. */
  @Test
  public void nothingIsSaidAtOnceAndNothingIsLost() {
    qt().withExamples(Tries.of(12, 60))
        .forAll(longs().between(1, 100_000), integers().between(50, 200))
        .checkAssert((seed, bpm) -> {
          Dance dance = Dances.dance(RandomDance.danceable(seed, 1 + (int) (seed % 4)) + PHRASING);
          Lesson lesson = lesson(dance);
          for (Scope scope : lesson.scopes()) {
            holds(lesson, scope, at(Track.of(lesson, scope), bpm));
          }
        });
  }

  private static void holds(Lesson lesson, Scope scope, Performance run) {
    Track track = run.track();
    int free = Integer.MIN_VALUE;
    for (Said said : run.said()) {
      assertTrue(said.tick() >= free, scope + ": " + said + " while something else is said");
      assertTrue(said.tick() >= -run.countIn() * 12, scope + ": " + said + " before the count-in");
      free = said.endTick();
    }
    int tick = 0;
    Facing facing = track.startFacing();
    for (int i = 0; i < track.legs().size(); i++) {
      Leg leg = track.legs().get(i);
      assertEquals(leg.tick(), tick, scope + " has a gap");
      assertEquals(leg.startFacing(), facing, scope + " " + leg);
      for (Track.Step step : track.stepsOf(i).toList()) {
        assertTrue(step.tick() < leg.tick() + leg.counts() * 12, scope + " " + step);
        facing = step.danced().facing();
      }
      tick += leg.counts() * 12;
    }
    assertEquals(tick, track.ticks());
    if (scope instanceof Scope.Walls || scope instanceof Scope.Song) {
      sameAsTheWalls(lesson, track);
    }
  }

  /** Every step of the walls is there, at its count, facing where the walls say. */
  private static void sameAsTheWalls(Lesson lesson, Track track) {
    TreeMap<Integer, Facing> walls = new TreeMap<>();
    for (Wall wall : lesson.walls().walls()) {
      for (DancedPlace moment : DancedPlace.of(wall)) {
        int tick = moment.at().ticks() - (track.songStart() + 1) * 12;
        if (tick >= 0 && tick < track.ticks()) {
          walls.put(tick, moment.facing());
        }
      }
    }
    TreeMap<Integer, Facing> danced = new TreeMap<>();
    track.steps().forEach(step -> danced.put(step.tick(), step.danced().facing()));
    danced.headMap(0).clear();
    assertEquals(danced, walls);
  }

  /** Feet begin closed to each side of the dancer, whichever way the class faces. */
  @Test
  public void feetStandWhereTheClassFaces() {
    Track back = Track.of(lanterns(), new Scope.Walls(3, 3));
    assertEquals(back.startFacing(), new Facing(4));
    Spot left = back.startFeet().left();
    assertTrue(left.x() > 0.1 && Math.abs(left.y()) < 1e-9, left.toString());
  }
}
