package ulnaawl.dance.compile;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.Place;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Diagnostic;

/**
 * One step line, danced from where somebody stands.
 *
 * @param places its places, each with the figure that it is danced as
 * @param weight the weight after it
 * @param facing where the body points after it
 * @param diagnostics what cannot be danced
 */
public record LineWalk(
    List<Place> places, Weight weight, RelativeFacing facing, List<Diagnostic> diagnostics) {

  public LineWalk {
    places = List.copyOf(places);
    diagnostics = List.copyOf(diagnostics);
  }

  /** Dances a line that begins with a weight and a facing. */
  public static LineWalk of(StepLine line, Weight weight, RelativeFacing facing, FigureBook book) {
    List<Diagnostic> findings = new ArrayList<>();
    Walker walker = new Walker(weight, findings).facing(facing, 0);
    List<Place> places = walker.walk(line, 1, 0);
    return new LineWalk(
        new Recognition(book).of(places, 0), walker.weight(), walker.facing(), findings);
  }
}
