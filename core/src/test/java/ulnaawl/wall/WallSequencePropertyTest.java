package ulnaawl.wall;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.Tries;
import ulnaawl.dance.Dance;
import ulnaawl.music.CountRate;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;

/**
 * The wall sequence equals a plain simulation, one count after the other, for random dances with
 * turns on any count, tags, restarts, bridges, repeated sections, optional or not, and songs.
 */
public class WallSequencePropertyTest {

  @Test
  public void equalsPlainSimulationCountByCount() {
    qt().withExamples(Tries.of(60, 600))
        .forAll(longs().all())
        .checkAssert(seed -> {
          RandomWalls plan = RandomWalls.random(seed);
          Dance dance = Dances.dance(plan.text());
          for (boolean optional : new boolean[] {false, true}) {
            PlainSimulation plain = new PlainSimulation(plan);
            plain.dance(optional, RandomWalls.WALLS, 0);
            SequenceRequest request =
                new SequenceRequest(Optional.empty(), OptionalInt.of(RandomWalls.WALLS), optional);
            same(WallSequence.of(dance, request), plain, plan);
          }
        });
  }

  @Test
  public void songsEndWhereThePlainSimulationStops() {
    qt().withExamples(Tries.of(60, 600))
        .forAll(longs().all())
        .checkAssert(seed -> {
          RandomWalls plan = RandomWalls.random(seed);
          int held = plan.seconds() * plan.bpm() / 60 - plan.intro();
          Song song =
              new Song(
                  "Generated",
                  Optional.empty(),
                  Optional.of(Tempo.ofBpm(plan.bpm())),
                  OptionalInt.of(plan.seconds()),
                  CountRate.FULL);
          SequenceRequest request =
              new SequenceRequest(Optional.of(song), OptionalInt.empty(), true);
          WallSequence sequence = WallSequence.of(Dances.dance(plan.text()), request);
          if (held <= 0) {
            assertEquals(sequence.songEnd(), Optional.empty());
            return;
          }
          PlainSimulation plain = new PlainSimulation(plan);
          plain.dance(true, SequenceRequest.MOST_WALLS, held);
          same(sequence, plain, plan);
          SongEnd end = sequence.songEnd().orElseThrow();
          assertEquals(end.facing().eighths(), plain.facing(held));
          assertEquals(
              sequence.walls().get(end.wall() - 1).startCount() + end.count(), held, plan.text());
          for (Wall wall : sequence.walls()) {
            // Half a millisecond of rounding at most.
            double exact = (plan.intro() + wall.startCount()) * 60_000.0 / plan.bpm();
            assertEquals((double) wall.startMillis().orElseThrow(), exact, 0.5, plan.text());
          }
        });
  }

  private static void same(WallSequence sequence, PlainSimulation plain, RandomWalls plan) {
    List<Integer> facings = new ArrayList<>();
    List<PlainSimulation.Walked> seen =
        sequence.walls().stream()
            .map(wall ->
                new PlainSimulation.Walked(
                    wall.number(),
                    wall.startCount(),
                    wall.startFacing().eighths(),
                    wall.startCount() + wall.counts(),
                    wall.endFacing().eighths()))
            .toList();
    for (DancedPlace moment : DancedPlace.of(sequence)) {
      assertEquals(moment.at().number(), facings.size() + 1, plan.text());
      facings.add(moment.facing().eighths());
    }
    assertEquals(seen, plain.walked(), plan.text());
    assertEquals(facings, plain.facings(), plan.text());
    for (Wall wall : sequence.walls()) {
      sections(wall, plain, plan);
      for (WallEvent event : wall.events()) {
        int from = event.startCount();
        int to = from + event.counts();
        assertEquals(event.from().eighths(), plain.facing(from), plan.text());
        assertEquals(event.to().eighths(), plain.facing(to), plan.text());
      }
    }
  }

  /** Its sections, tags and bridges lie end to end, and face as the simulation does. */
  private static void sections(Wall wall, PlainSimulation plain, RandomWalls plan) {
    int danced = wall.startCount();
    int figures = 0;
    Set<Integer> begun = new HashSet<>();
    for (DancedSection section : DancedSection.of(wall)) {
      assertEquals(section.start(), danced - wall.startCount(), plan.text());
      assertEquals(section.startFacing().eighths(), plain.facing(danced), plan.text());
      int first = section.figures().getFirst().counts().getFirst().number();
      boolean goesOn = !section.isPutIn() && begun.contains(section.section());
      // After a bridge inside a section its counts go on.
      assertEquals(first > 1, goesOn, section + plan.text());
      begun.add(section.section());
      danced += section.counts();
      assertEquals(section.endFacing().eighths(), plain.facing(danced), plan.text());
      assertEquals(section.isPutIn(), section.section() == 0);
      figures += section.figures().stream().mapToInt(it -> it.moments().size()).sum();
    }
    assertEquals(danced, wall.startCount() + wall.counts() + wall.tagCounts(), plan.text());
    assertEquals(figures, DancedPlace.of(wall).size(), plan.text());
  }
}
