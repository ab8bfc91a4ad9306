package ulnaawl.level;

/** A property of a dance that has a line in the table of levels. */
public enum LevelFactor {
  /** Counts of all parts. */
  LENGTH("length"),
  /** Different figures. */
  DISTINCT_FIGURES("distinct-figures"),
  /** Share of the steps between counts, in percent. */
  SYNCOPATION("syncopation"),
  /** Eighths of a turn danced in a wall. */
  TURNING("turning"),
  /** Eighths of the largest turn in one figure. */
  LARGEST_TURN("largest-turn"),
  /** Steps without weight. */
  NO_WEIGHT("no-weight"),
  /** Figures whose way over the floor leads back against that of the figure before. */
  DIRECTION_CHANGES("direction-changes"),
  /** Walls with a restart that is not optional. */
  RESTARTS("restarts"),
  /** Walls with a tag or bridge that is not optional. */
  TAGS("tags"),
  /** Parts of a phrased dance; 1 where it has none. */
  PARTS("parts"),
  /** Counts a minute. */
  COUNT_RATE("count-rate"),
  /** Half sections that repeat or mirror others. */
  REPETITION("repetition");

  private final String key;

  LevelFactor(String key) {
    this.key = key;
  }

  /** How the table calls it. */
  String key() {
    return key;
  }
}
