package ulnaawl.wall.where;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallPoint;
import ulnaawl.wall.WallSequence;

/** Finding oneself in a song, and judging what somebody says of a facing. */
public class WhereAreWeTest {

  private static final Dance LANTERNS = Dances.dance(Dances.paperLanterns());
  private static final SequenceRequest SONG = SequenceRequest.of(LANTERNS);
  private static final String TWO_WALLS =
      "title: Halves\nstart: weight L\nsection\n1-8  walk R L R L R L, step pivot R 1/2 L\n"
          + "section\n1-8  walk R L R L R L R L\n";

  /** Whatever count one looks at: with all that can be seen of it, its own wall comes first. */
  @Test
  public void everyCountOfTheSongIsFoundAgain() {
    WallSequence sequence = WallSequence.of(LANTERNS, SONG);
    SongClock clock = SongClock.of(LANTERNS, SONG);
    int held = clock.counts().orElseThrow();
    for (DancedPlace moment : DancedPlace.of(sequence)) {
      int number = moment.at().number();
      if (number > held) {
        break;
      }
      WallPoint point = WallPoint.at(LANTERNS, sequence, number);
      WhereAreWe found =
          WhereAreWe.of(
              LANTERNS,
              SONG,
              new WhereAreWe.Seen(
                  Optional.of(moment.facing()),
                  OptionalInt.of(point.section()),
                  OptionalInt.of(point.sectionCount()),
                  Optional.of(moment.place().figure()),
                  clock.millisAfter(number - 1)));
      assertEquals(found.dropped(), Optional.empty(), moment.toString());
      WhereAreWe.Candidate first = found.candidates().getFirst();
      assertEquals(first.wall().number(), moment.wall(), moment.toString());
      assertTrue(first.percent() >= 50, first.toString());
    }
  }

  /** By hand: walls 1, 5, 6 and 10 start at 12; half a minute in, it can only be wall 1. */
  @Test
  public void theClockTellsWallsApart() {
    WhereAreWe.Seen facing = seen(Facing.FRONT, OptionalLong.empty());
    assertEquals(walls(WhereAreWe.of(LANTERNS, SONG, facing)), List.of(1, 5, 6, 10));
    // Wall 6 begins after 148 counts: 164 · 60/112 = 87.9 s.
    WhereAreWe late = WhereAreWe.of(LANTERNS, SONG, seen(Facing.FRONT, OptionalLong.of(92_000)));
    assertEquals(late.candidates().getFirst().wall().number(), 6);
    assertTrue(late.candidates().getFirst().percent() > late.candidates().get(1).percent());
  }

  @Test
  public void whatFitsNothingIsLeftOutAndSaid() {
    WhereAreWe.Seen wrong =
        new WhereAreWe.Seen(
            Optional.of(new Facing(1)),
            OptionalInt.of(2),
            OptionalInt.of(3),
            Optional.empty(),
            OptionalLong.empty());
    WhereAreWe found = WhereAreWe.of(LANTERNS, SONG, wrong);
    assertEquals(found.dropped(), Optional.of(WhereAreWe.Clue.FACING));
    assertTrue(found.candidates().size() > 3);
  }

  /** Case F of the check values: no odd wall of a plain two-wall dance starts at 6. */
  @Test
  public void anOddWallOfTwoCannotStartAtTheBack() {
    Dance dance = Dances.dance(TWO_WALLS);
    FacingClaim.Answer answer =
        new FacingClaim(FacingClaim.What.START, 3, new Facing(4)).check(dance, false);
    assertEquals(answer.truth(), FacingClaim.Truth.NO);
    assertEquals(
        answer.why().getFirst(),
        new ClaimReason.FacesOtherwise(FacingClaim.What.START, 3, Facing.FRONT, new Facing(4)));
    assertTrue(
        answer.why().contains(new ClaimReason.Alternating(true, Optional.empty(), Facing.FRONT)),
        answer.why().toString());
  }

  @Test
  public void claimsAgreeWithTheWalls() {
    WallSequence sequence = WallSequence.of(LANTERNS, SONG);
    for (Wall wall : sequence.walls()) {
      for (int eighths = 0; eighths < 8; eighths++) {
        Facing facing = new Facing(eighths);
        FacingClaim.Answer start =
            new FacingClaim(FacingClaim.What.START, wall.number(), facing).check(LANTERNS, false);
        assertEquals(
            start.truth() == FacingClaim.Truth.YES, facing.equals(wall.startFacing()), wall + "");
        FacingClaim.Answer restart =
            new FacingClaim(FacingClaim.What.RESTART, wall.number(), facing).check(LANTERNS, false);
        assertEquals(
            restart.truth() == FacingClaim.Truth.YES,
            wall.number() == 5 && facing.equals(Facing.FRONT));
      }
    }
  }

  @Test
  public void aTagThatIsOptionalMakesTheDifference() {
    Dance dance =
        Dances.dance(
            TWO_WALLS
                + "tag Swing\n1-2  step pivot R 1/2 L\nphrasing\nafter wall 2: tag Swing optional\n");
    FacingClaim claim = new FacingClaim(FacingClaim.What.START, 3, new Facing(4));
    FacingClaim.Answer answer = claim.check(dance, false);
    assertEquals(answer.truth(), FacingClaim.Truth.WITH_OPTIONAL);
    assertEquals(claim.check(dance, true).truth(), FacingClaim.Truth.YES);
  }

  private static WhereAreWe.Seen seen(Facing facing, OptionalLong millis) {
    return new WhereAreWe.Seen(
        Optional.of(facing), OptionalInt.of(1), OptionalInt.of(1), Optional.empty(), millis);
  }

  private static List<Integer> walls(WhereAreWe found) {
    return found.candidates().stream().map(it -> it.wall().number()).sorted().toList();
  }
}
