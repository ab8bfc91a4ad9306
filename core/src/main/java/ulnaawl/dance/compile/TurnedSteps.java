package ulnaawl.dance.compile;

import java.util.List;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;

/**
 * Where a turned step of a travelling figure goes: along the line that the figure travels on. On a
 * vine with a quarter turn the last step goes forward in the new facing; a shuffle with a half turn
 * is a quarter to the side, together, a quarter forward (turning toward the leading foot) or back.
 * Common practice, no source.
 */
final class TurnedSteps {

  private static final int HALF = 4;
  private static final int AROUND = 8;

  private TurnedSteps() {}

  /**
   * The placement of a step in the facing that it has turned to.
   *
   * @param number of the step, from 1
   * @param turns of all steps of the figure
   */
  static Placement placement(
      Figure figure, FigureStep step, int number, Foot lead, List<Turn> turns) {
    Turn whole = Turn.sum(turns);
    boolean travels = isOpen(step.placement()) && step.takesWeight();
    if (!figure.turn().line() || whole.isNone() || !travels) {
      return step.placement();
    }
    Foot foot = step.mover() == FigureStep.Mover.LEAD ? lead : lead.other();
    int heading = heading(step.placement(), foot);
    if (step.fromText() && Math.abs(whole.eighths()) == HALF) {
      heading = whole.side() == lead.side() ? HALF : 0;
    }
    int turned = Turn.sum(turns.subList(0, number)).eighths();
    return seen(Math.floorMod(heading - turned, AROUND), foot, step.placement());
  }

  private static boolean isOpen(Placement placement) {
    return placement == Placement.FWD || placement == Placement.BACK || placement == Placement.SIDE;
  }

  /** The direction of a step, in eighths to the right of where one faces. */
  private static int heading(Placement placement, Foot foot) {
    return switch (placement) {
      case BACK -> HALF;
      case SIDE -> 2 * foot.side().sign();
      default -> 0;
    };
  }

  private static Placement seen(int heading, Foot foot, Placement otherwise) {
    int aside = Math.floorMod(heading * foot.side().sign(), AROUND);
    return switch (aside) {
      case 0 -> Placement.FWD;
      case 1 -> Placement.DIAG_FWD;
      case 2 -> Placement.SIDE;
      case 3 -> Placement.DIAG_BACK;
      case HALF -> Placement.BACK;
      default -> otherwise;
    };
  }
}
