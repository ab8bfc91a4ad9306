package ulnaawl.teach.lesson;

import ulnaawl.music.Tempo;

/** What a part of a section's load comes from. */
public sealed interface LoadReason {

  /** Something that is counted. */
  record Counted(What what, int number) implements LoadReason {}

  /** What can be counted. */
  enum What {
    PLACES("place"),
    HOLDS("hold"),
    BETWEEN_COUNTS("between"),
    EIGHTHS_OF_TURN("turn"),
    NO_WEIGHT("no-weight"),
    DIRECTION_CHANGES("direction");

    private final String key;

    What(String key) {
      this.key = key;
    }

    /** How the table of loads calls it. */
    String key() {
      return key;
    }
  }

  /** A figure that is new to the group. */
  record NewFigure(String figure) implements LoadReason {}

  /** It is danced fast. */
  record Fast(Tempo countsPerMinute) implements LoadReason {}

  /** It repeats an earlier section, or mirrors it. */
  record Echoes(int section, boolean mirrored) implements LoadReason {}

  /** Its second half repeats or mirrors its first. */
  record HalfEchoes(boolean mirrored) implements LoadReason {}

  /** An instructor has marked it. */
  record Marked() implements LoadReason {}
}
