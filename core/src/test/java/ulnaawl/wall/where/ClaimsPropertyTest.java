package ulnaawl.wall.where;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import java.util.Optional;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.Tries;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.wall.PlainSimulation;
import ulnaawl.wall.RandomWalls;
import ulnaawl.wall.WallEvent;

/**
 * What is said of a facing is so exactly where a plain simulation faces so: for starts, ends,
 * restarts and tags of random dances, with and without what is optional.
 */
public class ClaimsPropertyTest {

  @Test
  public void claimsAreTrueWhereTheSimulationFacesSo() {
    qt().withExamples(Tries.of(20, 120))
        .forAll(longs().all())
        .checkAssert(seed -> {
          RandomWalls plan = RandomWalls.random(seed);
          Dance dance = Dances.dance(plan.text());
          PlainSimulation without = danced(plan, false);
          PlainSimulation with = danced(plan, true);
          for (FacingClaim.What what : FacingClaim.What.values()) {
            for (int wall = 1; wall <= RandomWalls.WALLS; wall++) {
              Optional<Integer> plain = facing(without, what, wall);
              Optional<Integer> optional = facing(with, what, wall);
              for (int eighths = 0; eighths < 8; eighths++) {
                FacingClaim.Answer answer =
                    new FacingClaim(what, wall, new Facing(eighths)).check(dance, false);
                assertEquals(
                    answer.truth(),
                    expected(eighths, plain, optional),
                    what + " of wall " + wall + " at " + eighths + "\n" + plan.text());
                assertFalse(answer.why().isEmpty());
              }
            }
          }
        });
  }

  private static FacingClaim.Truth expected(
      int eighths, Optional<Integer> plain, Optional<Integer> optional) {
    return plain.equals(Optional.of(eighths))
        ? FacingClaim.Truth.YES
        : optional.equals(Optional.of(eighths))
            ? FacingClaim.Truth.WITH_OPTIONAL
            : FacingClaim.Truth.NO;
  }

  private static PlainSimulation danced(RandomWalls plan, boolean optional) {
    PlainSimulation simulation = new PlainSimulation(plan);
    simulation.dance(optional, RandomWalls.WALLS, 0);
    return simulation;
  }

  private static Optional<Integer> facing(PlainSimulation plain, FacingClaim.What what, int wall) {
    PlainSimulation.Walked own = plain.walked().get(wall - 1);
    return switch (what) {
      case START -> Optional.of(own.facing());
      case END -> Optional.of(own.endFacing());
      case RESTART -> first(plain, WallEvent.Kind.RESTART, wall);
      case TAG -> first(plain, WallEvent.Kind.TAG, wall);
    };
  }

  private static Optional<Integer> first(PlainSimulation plain, WallEvent.Kind kind, int wall) {
    return plain.happened().stream()
        .filter(it -> it.kind() == kind && it.wall() == wall)
        .map(PlainSimulation.Happened::facing)
        .findFirst();
  }
}
