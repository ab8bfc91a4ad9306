package ulnaawl.dance.compile;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.longs;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.RandomDance;
import ulnaawl.Tries;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Place;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Feet;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.text.Severity;

/** What must hold for every run of figures. */
public class CompilePropertyTest {

  @Test
  public void onlyAFreeFootMovesAndWeightAndFacingGoOnWithoutAGap() {
    qt().withExamples(Tries.of(100, 1000))
        .forAll(longs().all())
        .checkAssert(seed -> {
          String text = RandomDance.danceable(seed, 4);
          Compilation compiled = DanceCompiler.compile(text, FigureBook.standard());
          assertEquals(
              compiled.diagnostics().stream()
                  .filter(one -> one.severity() != Severity.INFO)
                  .toList(),
              List.of(),
              text);
          Weight weight = compiled.dance().startWeight();
          RelativeFacing facing = RelativeFacing.START;
          for (Place place : compiled.dance().main().places()) {
            assertEquals(place.before(), weight, text);
            assertTrue(Dances.keepsTheRule(place), text);
            facing = facing.plus(place.turn());
            assertEquals(place.facing(), facing, text);
            weight = place.after();
          }
        });
  }

  /** The foot that carries the body does not move, unless the body turns on it. */
  @Test
  public void theSupportingFootStaysWhereItIs() {
    qt().withExamples(Tries.of(60, 500))
        .forAll(longs().all())
        .checkAssert(seed -> {
          String text = RandomDance.danceable(seed, 2);
          List<Place> places =
              DanceCompiler.compile(text, FigureBook.standard()).dance().main().places();
          Feet before = Feet.CLOSED;
          for (Footwork.After after : Footwork.of(places)) {
            Feet now = after.feet();
            boolean turns = !after.place().turn().isNone();
            switch (turns ? Weight.BOTH : after.place().before()) {
              case LEFT -> assertEquals(now.left(), before.left(), text);
              case RIGHT -> assertEquals(now.right(), before.right(), text);
              case BOTH -> assertTrue(now.distance() < 3, text);
            }
            before = now;
          }
        });
  }
}
