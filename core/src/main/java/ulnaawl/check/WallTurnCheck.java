package ulnaawl.check;

import java.util.List;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Turn;
import ulnaawl.notation.Stated;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;

/**
 * The turn of a wall fits the stated walls: none for 1, a half for 2, a quarter for 4 (common
 * practice, no source).
 */
final class WallTurnCheck implements Check {

  @Override
  public List<Diagnostic> check(Subject subject) {
    Dance dance = subject.dance();
    if (dance.isPhrased() || dance.counts() == 0) {
      return List.of();
    }
    return dance.headers().walls().stream()
        .filter(stated -> stated.value() != dance.walls())
        .map(stated -> say(dance, stated))
        .toList();
  }

  private static Diagnostic say(Dance dance, Stated<Integer> stated) {
    Turn turn = dance.turn();
    String turned =
        turn.net() == 0 ? "does not turn" : "turns " + turn.shortest().label() + " in all";
    String wanted =
        switch (stated.value()) {
          case 1 -> "a 1-wall dance ends as it began";
          case 2 -> "a 2-wall dance turns 1/2";
          default -> "a 4-wall dance turns 1/4";
        };
    String message = "One wall " + turned + ", but " + wanted + ".";
    return dance.walls() == 8
        ? Diagnostic.of(Code.WALL_TURN, stated.span(), message)
        : Diagnostic.of(
            Code.WALL_TURN,
            stated.span(),
            message,
            new Mend(
                "State " + dance.walls() + (dance.walls() == 1 ? " wall" : " walls"),
                stated.span(),
                String.valueOf(dance.walls())));
  }
}
