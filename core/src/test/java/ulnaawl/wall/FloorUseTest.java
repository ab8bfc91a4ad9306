package ulnaawl.wall;

import static org.testng.Assert.assertEquals;

import java.util.Optional;
import java.util.OptionalInt;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Spot;
import ulnaawl.wall.FloorUse.Hall;
import ulnaawl.wall.FloorUse.HallFit;

/** Floor use, worked by hand. */
public class FloorUseTest {

  private static FloorUse floor(String line, int walls) {
    Dance dance = Dances.dance("title: F\nstart: weight L\nsection 1\n" + line + "\n");
    return FloorUse.of(
        WallSequence.of(
            dance, new SequenceRequest(Optional.empty(), OptionalInt.of(walls), false)));
  }

  @Test
  public void aVineThereAndBackNeedsItsWidthAndDoesNotDrift() {
    FloorUse floor = floor("1-8  vine R, touch L, vine L, touch R", 3);
    // Right foot 0.15, 1.15 away by two side steps, the first from the left foot: 2.15.
    assertEquals(floor.right(), 2.15, 1e-9);
    assertEquals(floor.left(), -0.15, 1e-9);
    assertEquals(floor.drift().distance(Spot.ORIGIN), 0, 1e-9);
    assertEquals(floor.path().size(), 4);
  }

  @Test
  public void walkingForwardDriftsAWholeStepACount() {
    FloorUse floor = floor("1-4  walk R L R, together L", 2);
    assertEquals(floor.drift(), new Spot(0, 3));
    assertEquals(floor.front(), 6, 1e-9);
    assertEquals(floor.width(), 0.3, 1e-9);
  }

  @Test
  public void fourWallsOfAQuarterComeBackToTheStart() {
    FloorUse floor = floor("1-4  walk R L R, together L 1/4 R", 4);
    Spot end = floor.path().getLast();
    assertEquals(end.distance(floor.path().getFirst()), 0, 1e-9);
  }

  @Test
  public void aHallHoldsSoManyLines() {
    FloorUse floor = floor("1-4  walk R L R, together L 1/2 R", 2);
    // 3 steps of 50 cm deep and a little more than one closed stance wide.
    assertEquals(floor.fit(Hall.of(1000, 800)), new HallFit(6, 9));
    assertEquals(floor.fit(Hall.of(1000, 100)).dancers(), 0);
    assertEquals(floor.fit(new Hall(100, 200, 100, 100, 50)), new HallFit(1, 1));
  }
}
