package ulnaawl.dance.compile;

import static org.testng.Assert.assertEquals;

import java.util.List;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Weight;
import ulnaawl.level.LevelMeasure;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.wall.EventId;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;

/**
 * The worked example of the notation gives the numbers that are stated for it. As it was first
 * written, its restart comes after a shuffle that leaves the wrong foot free: the engine says so,
 * and docs/step-text.md shows it with the step change that mends it.
 */
public class WorkedExampleTest {

  private static final String FIRST = Dances.resource("dances/step-text-example.txt");
  private final Dance dance = Dances.dance(FIRST);

  @Test
  public void saysThatItsRestartLeavesTheWrongFootFree() {
    List<Diagnostic> found = Dances.faults(FIRST);
    assertEquals(found.size(), 1, found.toString());
    assertEquals(found.getFirst().code(), Code.JOIN_WEIGHT);
    assertEquals(
        FIRST.substring(found.getFirst().span().start(), found.getFirst().span().end()),
        "wall 5: restart after 16");
    assertEquals(Dances.codes(Dances.paperLanterns()), List.of());
  }

  @Test
  public void hasTheStatedNumbers() {
    assertEquals(dance.title(), "Paper Lanterns");
    assertEquals(dance.counts(), 32);
    assertEquals(dance.walls(), 4);
    assertEquals(dance.turn().netHours(), 9.0);
    assertEquals(dance.startWeight(), Weight.LEFT);
    assertEquals(dance.main().endWeight(), Weight.LEFT);
    assertEquals(dance.main().turnAfter(8).netHours(), 0.0);
    assertEquals(dance.main().turnAfter(16).netHours(), 0.0);
    assertEquals(dance.main().turnAfter(24).netHours(), 6.0);
    assertEquals(dance.main().turnAfter(32).netHours(), 9.0);
    Section first = dance.sections().getFirst();
    assertEquals(first.startFacing().clock() + first.endFacing().clock(), "1212");
    assertEquals(first.startWeight(), Weight.LEFT);
    assertEquals(first.endWeight(), Weight.RIGHT);
    Place place = first.places().getFirst();
    assertEquals(place.description(), "step side");
    assertEquals(place.after(), Weight.RIGHT);
  }

  @Test
  public void dancesTheStatedSequence() {
    List<Wall> walls = WallSequence.of(dance).walls();
    Wall one = walls.getFirst();
    assertEquals(one.startFacing().clock() + " " + one.endFacing().clock(), "12 9");
    assertEquals(one.counts(), 32);
    Wall five = walls.get(4);
    // Four walls of a quarter left lead back to 12; the tag does not turn.
    assertEquals(five.startFacing().clock() + " " + five.endFacing().clock(), "12 12");
    assertEquals(five.counts(), 16);
    assertEquals(five.events().getFirst().id(), new EventId.Restart(16));
  }

  @Test
  public void fitsItsSong() {
    // Worked by hand: 112 bpm for 190 s are 354 counts; 16 intro leave 338. Walls 1 to 4 with the
    // tag are 132 counts, wall 5 is 16, and 190 more hold walls 6 to 10 whole and 30 counts of 11.
    WallSequence sequence = WallSequence.of(dance);
    assertEquals(sequence.walls().size(), 11);
    assertEquals(sequence.songEnd().orElseThrow().wall(), 11);
    assertEquals(sequence.songEnd().orElseThrow().count(), 30);
    // Wall 2 starts after 16 + 32 counts: 48 * 60 / 112 s = 25.714 s.
    assertEquals(sequence.walls().get(1).startMillis().orElseThrow(), 25_714L);
  }

  @Test
  public void measuresAsStated() {
    assertEquals(LevelMeasure.of(dance, FigureBook.standard()).level().label(), "high beginner");
  }
}
