package ulnaawl.level;

import java.util.List;
import java.util.OptionalInt;
import ulnaawl.figure.Level;

/** What makes up a measured level. */
public sealed interface LevelReason {

  /**
   * What the figures ask for by themselves.
   *
   * @param hardest names of the hardest ones, the hardest first; may be empty
   */
  record Figures(Level level, int points, List<String> hardest) implements LevelReason {
    public Figures {
      hardest = List.copyOf(hardest);
    }
  }

  /**
   * A property of the dance that lifts or lowers its level.
   *
   * @param value in the property's own unit
   * @param points less than 0 where it makes the dance easier
   */
  record Factor(LevelFactor factor, int value, int points) implements LevelReason {}

  /**
   * All together.
   *
   * @param toNext points that the next level is away; empty at the highest
   */
  record Sum(int points, Level level, OptionalInt toNext) implements LevelReason {}
}
