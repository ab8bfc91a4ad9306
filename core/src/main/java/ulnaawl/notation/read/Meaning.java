package ulnaawl.notation.read;

import java.util.List;
import ulnaawl.figure.Figure;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;

/** What a word, or some words together, mean in a step line. */
sealed interface Meaning {

  /**
   * A figure.
   *
   * @param name the name that was typed
   */
  record Named(Figure figure, String name) implements Meaning {}

  /** Feet, or where nothing else fits sides; at least one. */
  record Feet(List<Foot> feet) implements Meaning {}

  /** Where a foot goes. */
  record To(Placement placement) implements Meaning {}

  /** Where a foot goes as seen from the other, which is named next. */
  record Over(Placement placement) implements Meaning {}

  /** The size of a turn, in eighths. */
  record Size(int eighths) implements Meaning {}

  /** How often. */
  record Times(int times) implements Meaning {}

  /** What is kept as it stands. */
  record Remark(String text) implements Meaning {}

  /** A word that nobody knows here. */
  record Unknown(String word) implements Meaning {}

  /** Words that only say how the others hang together. */
  enum Joint implements Meaning {
    TURN,
    /** A step, or how a figure named before it is danced. */
    STEPPING,
    TOWARDS,
    AND,
    /** The sign, which may be a step. */
    AMPERSAND,
    STOP,
    COLON,
    BOTH,
    /** The weight is on the foot that is named next. */
    WEIGHT,
    NO_WEIGHT,
    CENTRE,
    SHOULDER,
    /** The foot one stands on is named next. */
    SUPPORT,
    /** What stands before on the line is danced again. */
    REPEAT,
    FILLER
  }
}
