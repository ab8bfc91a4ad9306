package ulnaawl.learning;

/**
 * How an evening counts for the memory of a group, in the four grades of the published model.
 * Common practice, no source: danced without a single call is more than danced with calls; slowly
 * is less.
 */
enum Grade {
  AGAIN,
  HARD,
  GOOD,
  EASY;

  /** Danced slower than this share of full speed, in percent, a solid evening proves less. */
  private static final int SLOW = 85;

  static Grade of(Evidence evidence) {
    return switch (evidence.outcome()) {
      case LOST -> AGAIN;
      case SHAKY -> HARD;
      case SOLID -> {
        boolean slow = evidence.percent().isPresent() && evidence.percent().getAsInt() < SLOW;
        yield slow ? HARD : evidence.happened() == Happened.DANCED ? EASY : GOOD;
      }
    };
  }

  /** 1 for again to 4 for easy, as the model counts them. */
  int number() {
    return ordinal() + 1;
  }
}
