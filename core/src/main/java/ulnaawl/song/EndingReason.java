package ulnaawl.song;

import java.util.Optional;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Turn;

/** What is said about the end of a dance to a song, and about a finish on offer. */
public sealed interface EndingReason {

  /** The dance has its ending; {@code early} where it is over before the music. */
  record HasOne(boolean early) implements EndingReason {}

  /** The written order ends before the music does. */
  record OrderEndsFirst() implements EndingReason {}

  /** Nobody knows where the music stops. */
  record LengthUnknown() implements EndingReason {}

  /** A phrased dance ends as its order says. */
  record OrderDecides() implements EndingReason {}

  /** The last beat faces the front by itself. */
  record FacesFront() implements EndingReason {}

  /** Where the music stops. */
  record StopsFacing(Facing facing, int wall, int count) implements EndingReason {}

  /**
   * A finish of its own.
   *
   * @param turn its turn; none where it does not turn
   * @param cutFigure what is left half done
   */
  record Turns(Turn turn, Optional<String> cutFigure) implements EndingReason {}

  /** A figure of the dance that turns otherwise. */
  record TurnsOtherwise(String figure, Turn turn, Turn usual, Optional<String> cutFigure)
      implements EndingReason {}
}
