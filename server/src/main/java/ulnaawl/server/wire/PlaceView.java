package ulnaawl.server.wire;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Place;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Foot;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.notation.write.StepTextFormatter;

/**
 * One place of a dance.
 *
 * @param section its number; 0 outside the sections
 * @param count as it is written
 * @param spoken as it is said
 * @param tick place in time from the start of the section, twelve to a count, count 1 at 12
 * @param foot the foot that moves
 * @param action what it does
 * @param weight after it
 * @param takesWeight whether the moving foot takes the weight
 * @param turn on this place
 * @param facing after it
 * @param figure name of its figure in the figure book
 * @param run places with the same number are one figure
 * @param step which step of the figure, from 1
 * @param call what is called for the figure
 * @param shortCall the same without its turn
 * @param counts the counts of the whole figure, as they are written
 * @param start where its item begins in the text
 * @param end where its item ends in the text
 * @param feet where both feet are, in step lengths from the start of the passage
 */
public record PlaceView(
    int section,
    String count,
    String spoken,
    int tick,
    @Nullable Foot foot,
    String action,
    Weight weight,
    boolean takesWeight,
    Turn turn,
    RelativeFacing facing,
    String figure,
    int run,
    int step,
    String call,
    String shortCall,
    String counts,
    String note,
    int start,
    int end,
    FeetView feet) {

  /** Both feet on the floor: x to the right, y to the front of the start. */
  public record FeetView(double leftX, double leftY, double rightX, double rightY, boolean lifted) {

    /** The shape of some feet. */
    public static FeetView of(Feet feet) {
      return new FeetView(
          rounded(feet.left().x()),
          rounded(feet.left().y()),
          rounded(feet.right().x()),
          rounded(feet.right().y()),
          feet.lifted());
    }

    private static double rounded(double steps) {
      return Math.round(steps * 1000) / 1000.0;
    }
  }

  /** The places of a passage in order, the feet closed at its start. */
  public static List<PlaceView> of(List<Place> places) {
    List<Footwork.After> danced = Footwork.of(places);
    List<PlaceView> views = new ArrayList<>();
    for (DancedFigure figure : DancedFigure.of(places)) {
      String counts = StepTextFormatter.counts(figure.counts());
      for (Place place : figure.places()) {
        views.add(of(place, counts, danced.get(views.size()).feet()));
      }
    }
    return views;
  }

  private static PlaceView of(Place place, String counts, Feet feet) {
    return new PlaceView(
        place.section(),
        place.count().label(),
        place.count().spoken(),
        place.count().ticks(),
        place.foot().orElse(null),
        place.description(),
        place.after(),
        place.takesWeight(),
        place.turn(),
        place.facing(),
        place.figure(),
        place.run(),
        place.step(),
        place.call().words(),
        place.call().withoutTurn().words(),
        counts,
        place.note(),
        place.span().start(),
        place.span().end(),
        FeetView.of(feet));
  }
}
