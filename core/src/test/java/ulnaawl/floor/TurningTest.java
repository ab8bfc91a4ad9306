package ulnaawl.floor;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Facings and turns are the eight hours of a clock and what leads from one to the other. */
public class TurningTest {

  private static Stream<Facing> facings() {
    return IntStream.range(0, 8).mapToObj(Facing::new);
  }

  @Test
  public void turnsAddUpInAnyGroupingAndTheWayBackUndoesThem() {
    qt().forAll(integers().between(0, 7), integers().between(-64, 64), integers().between(-64, 64))
        .checkAssert((start, first, second) -> {
          Facing from = new Facing(start);
          Turn one = new Turn(first);
          Turn two = new Turn(second);
          assertEquals(from.plus(one).plus(two), from.plus(one.plus(two)));
          assertEquals(from.plus(one).plus(new Turn(-first)), from);
          assertEquals(from.plus(one), from.plus(one.shortest()));
          assertTrue(Math.abs(one.shortest().eighths()) <= 4);
        });
  }

  @Test
  public void theTurnFromOneFacingToAnotherLeadsThere() {
    facings()
        .forEach(from ->
            facings()
                .forEach(to -> {
                  Turn turn = from.turnTo(to);
                  assertEquals(from.plus(turn), to);
                  assertTrue(turn.eighths() >= 0 && turn.eighths() < 8);
                }));
  }

  /** A quarter to the right is three hours on; what people call the facings is understood. */
  @Test
  public void theClockIsTheHallsClock() {
    Map<String, Double> hours =
        Map.of(
            "12", 12.0, "1:30", 1.5, "3", 3.0, "4:30", 4.5, "6", 6.0, "7:30", 7.5, "9", 9.0,
            "10:30", 10.5);
    facings()
        .forEach(facing -> {
          assertEquals(facing.hours(), hours.get(facing.clock()));
          assertEquals(Facing.named(facing.clock()), Optional.of(facing));
          assertEquals(
              Facing.named(" " + facing.clock() + ":00 ").isPresent(),
              !facing.clock().contains(":"));
        });
    assertEquals(Facing.FRONT.plus(Turn.of(2, Side.RIGHT)).clock(), "3");
    assertEquals(Facing.FRONT.plus(Turn.of(2, Side.LEFT)).clock(), "9");
    assertEquals(Facing.named("Back"), Optional.of(new Facing(4)));
    assertEquals(Facing.named("home"), Optional.of(Facing.FRONT));
    for (String nothing : new String[] {"", "2", "13", "12:30", "sideways"}) {
      assertEquals(Facing.named(nothing), Optional.empty(), nothing);
    }
    assertThrows(IllegalArgumentException.class, () -> new Facing(8));
  }

  /** What is told from 12 is turned as far as its wall is. */
  @Test
  public void aRelativeFacingIsTurnedWithItsWall() {
    qt().forAll(integers().between(0, 7), integers().between(-64, 64), integers().between(0, 7))
        .checkAssert((start, turn, within) -> {
          Facing wall = new Facing(start);
          RelativeFacing told = new RelativeFacing(within);
          assertEquals(told.plus(new Turn(turn)).in(wall), told.in(wall).plus(new Turn(turn)));
          assertEquals(RelativeFacing.START.in(wall), wall);
          assertEquals(told.turnTo(told.plus(new Turn(turn))).net(), new Turn(turn).net());
        });
  }

  @Test
  public void turnsAreWrittenAsTheTradeWritesThem() {
    Map<Integer, String> labels =
        Map.of(
            0,
            "",
            1,
            "1/8 R",
            2,
            "1/4 R",
            -3,
            "3/8 L",
            4,
            "1/2 R",
            -6,
            "3/4 L",
            8,
            "full R",
            10,
            "1-1/4 R",
            -12,
            "1-1/2 L",
            16,
            "full x2 R");
    labels.forEach((eighths, label) -> assertEquals(new Turn(eighths).label(), label));
    assertEquals(new Turn(-8).side(), Side.LEFT);
    assertFalse(new Turn(-8).isNone());
  }

  /** Turning a spot is turning it: lengths stay, eight eighths lead back, quarters are exact. */
  @Test
  public void spotsTurnWithTheBody() {
    qt().forAll(
            integers().between(-300, 300), integers().between(-300, 300), integers().between(0, 7))
        .checkAssert((x, y, eighths) -> {
          Spot spot = new Spot(x / 100.0, y / 100.0);
          Facing facing = new Facing(eighths);
          assertEquals(spot.turned(facing).distance(Spot.ORIGIN), spot.distance(Spot.ORIGIN), 1e-9);
          assertEquals(spot.turned(facing).seenFrom(facing).distance(spot), 0, 1e-9);
        });
    assertEquals(
        new Spot(0, 1).turned(new Facing(2)), new Spot(1, 0), "ahead of 3 is to the right");
    assertEquals(new Spot(1, 0).turned(new Facing(4)).x(), -1.0);
  }

  /** The foot with the weight is not free; with the weight on both, either is. */
  @Test
  public void weightFreesTheOtherFoot() {
    for (Foot foot : Foot.values()) {
      Weight on = Weight.on(foot);
      assertFalse(on.frees(foot));
      assertTrue(on.frees(foot.other()));
      assertEquals(on.freeFoot(), Optional.of(foot.other()));
      assertTrue(on.joins(on) && on.joins(Weight.BOTH) && Weight.BOTH.joins(on));
      assertFalse(on.joins(Weight.on(foot.other())));
      assertTrue(Weight.BOTH.frees(foot));
    }
  }
}
