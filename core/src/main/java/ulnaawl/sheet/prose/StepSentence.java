package ulnaawl.sheet.prose;

import java.util.Optional;
import ulnaawl.dance.Place;
import ulnaawl.figure.Placement;
import ulnaawl.figure.TurnSize;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;

/** One place as a sheet spells it out: {@code turn 1/4 right stepping right forward}. */
final class StepSentence {

  private StepSentence() {}

  /** The words; none where the trade has no short way of spelling it. */
  static Optional<String> of(Place place) {
    if (place.foot().isEmpty()) {
      return still(place);
    }
    Foot foot = place.foot().get();
    if (place.action().name().equals("pivot")) {
      return Optional.of("pivot " + turn(place.turn()));
    }
    Optional<String> moved = moved(place, foot);
    if (place.turn().isNone()) {
      return moved;
    }
    return moved.flatMap(words -> turned(place, words));
  }

  private static Optional<String> still(Place place) {
    String action = place.action().name();
    boolean plain = action.equals("hold") || action.equals("clap") || action.equals("snap");
    return plain && place.turn().isNone() ? Optional.of(action) : Optional.empty();
  }

  /** Turns are spelled with steps alone; what else turns keeps its name. */
  private static Optional<String> turned(Place place, String words) {
    boolean step = place.action().name().equals("step");
    if (!step) {
      return Optional.empty();
    }
    String turn = turn(place.turn());
    if (!place.turnsFirst()) {
      return Optional.of(words + " turning " + turn);
    }
    String stepping =
        words.startsWith("step ")
            ? "stepping " + words.substring("step ".length())
            : words.startsWith("cross ") ? "crossing " + words.substring("cross ".length()) : "";
    return stepping.isEmpty() ? Optional.empty() : Optional.of("turn " + turn + " " + stepping);
  }

  private static String turn(Turn turn) {
    return TurnSize.label(Math.abs(turn.eighths())) + " " + turn.side().word();
  }

  private static Optional<String> moved(Place place, Foot foot) {
    String own = foot.word();
    String other = foot.other().word();
    Placement where = place.placement();
    return switch (place.action().name()) {
      case "step" -> step(where, own, other);
      case "rock" ->
          where == Placement.CROSS
              ? Optional.of("cross rock " + own + " over " + other)
              : place(where, own, other).map(it -> "rock " + own + " " + it);
      case "recover" -> Optional.of("recover onto " + own);
      case "touch", "point", "tap" ->
          place(where, own, other).map(it -> place.action().name() + " " + own + " " + it);
      case "heel" -> place(where, own, other).map(it -> "touch " + own + " heel " + it);
      case "kick", "scuff", "brush", "stomp", "flick" -> lifted(place, own, other);
      case "hitch" -> Optional.of("hitch " + own + " knee");
      case "hook" -> Optional.of("hook " + own + " across " + other + " shin");
      case "drag" -> Optional.of("drag " + own + " to " + other);
      case "stomp-up" -> Optional.of("stomp-up " + own);
      case "sway" -> Optional.of("sway " + own);
      default -> Optional.empty();
    };
  }

  private static Optional<String> lifted(Place place, String own, String other) {
    String words = place.action().name() + " " + own;
    return place.placement() == Placement.IN_PLACE
        ? Optional.of(words)
        : place(place.placement(), own, other).map(it -> words + " " + it);
  }

  private static Optional<String> step(Placement where, String own, String other) {
    return switch (where) {
      case CROSS -> Optional.of("cross " + own + " over " + other);
      case LOCK_BEHIND -> Optional.of("lock " + own + " behind " + other);
      case LOCK_FRONT -> Optional.of("lock " + own + " across " + other);
      case OUT -> Optional.of("step " + own + " out");
      case IN -> Optional.of("step " + own + " in");
      default -> place(where, own, other).map(it -> "step " + own + " " + it);
    };
  }

  private static Optional<String> place(Placement where, String own, String other) {
    return switch (where) {
      case FWD -> Optional.of("forward");
      case BACK -> Optional.of("back");
      case SIDE -> Optional.of("to " + own + " side");
      case TOGETHER -> Optional.of("beside " + other);
      case BEHIND -> Optional.of("behind " + other);
      case CROSS -> Optional.of("across " + other);
      case IN_PLACE -> Optional.of("in place");
      case DIAG_FWD -> Optional.of("diagonally forward");
      case DIAG_BACK -> Optional.of("diagonally back");
      default -> Optional.empty();
    };
  }
}
