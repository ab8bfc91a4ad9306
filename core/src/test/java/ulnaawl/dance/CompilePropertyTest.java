package ulnaawl.dance;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.Test;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Pattern;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;

/** What must hold for every figure and every run of figures. */
public class CompilePropertyTest {

  private final List<Figure> figures = FigureBook.standard().figures();

  @Test
  public void everyFigureIsReadByEveryNameAndMirrorsExactly() {
    assertTrue(figures.size() >= 60, "a book of figures");
    for (Figure figure : figures) {
      for (String name : names(figure)) {
        List<Place> right = places(figure, name, "R", Weight.LEFT);
        List<Place> left = places(figure, name, "L", Weight.RIGHT);
        assertEquals(right.size(), figure.patterns().getFirst().places(), name);
        for (int i = 0; i < right.size(); i++) {
          assertEquals(right.get(i).foot().map(Foot::other), left.get(i).foot(), name);
          assertEquals(right.get(i).turn().eighths(), -left.get(i).turn().eighths(), name);
          assertEquals(right.get(i).description(), left.get(i).description(), name);
        }
      }
    }
  }

  @Test
  public void onlyAFreeFootMoves() {
    qt().withExamples(300)
        .forAll(lists().of(integers().between(0, figures.size() - 1)).ofSizeBetween(1, 12))
        .check(picks -> {
          StringBuilder text = new StringBuilder("title: Generated\nstart: weight L\n");
          for (int pick : picks) {
            Pattern pattern = figures.get(pick).patterns().getFirst();
            text.append("section\n1-").append(pattern.places()).append("  ");
            text.append(figures.get(pick).name()).append('\n');
          }
          Compilation compiled = DanceCompiler.compile(text.toString(), FigureBook.standard());
          return compiled.diagnostics().isEmpty()
              && compiled.dance().main().places().stream()
                  .allMatch(CompilePropertyTest::isDanceable);
        });
  }

  private static boolean isDanceable(Place place) {
    return switch (place.action().effect()) {
      case TAKES, FREE -> place.before().frees(place.foot().orElseThrow());
      case HOPS -> !place.before().frees(place.foot().orElseThrow());
      case SHIFTS -> place.after() == Weight.on(place.foot().orElseThrow());
      case SETTLES, STILL -> place.after() == place.before();
    };
  }

  private static List<String> names(Figure figure) {
    return java.util.stream.Stream.concat(
            java.util.stream.Stream.of(figure.name()), figure.synonyms().stream())
        .toList();
  }

  private static List<Place> places(Figure figure, String name, String foot, Weight start) {
    boolean hops = figure.name().equals("hop");
    Weight weight = hops ? (start == Weight.LEFT ? Weight.RIGHT : Weight.LEFT) : start;
    String text =
        "title: One\nstart: weight "
            + weight.label()
            + "\nsection 1\n1-"
            + figure.patterns().getFirst().places()
            + "  "
            + name
            + " "
            + foot
            + "\n";
    Compilation compiled = DanceCompiler.compile(text, FigureBook.standard());
    assertEquals(compiled.diagnostics(), List.of(), text);
    return compiled.dance().main().places();
  }
}
