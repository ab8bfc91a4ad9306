package ulnaawl.learning;

/**
 * How well something is remembered: the published FSRS-6 model of spaced repetition with its
 * published default weights (Free Spaced Repetition Scheduler; Ye, Su and Cao, "A Stochastic
 * Shortest Path Algorithm for Optimizing Spaced Repetition Scheduling", KDD 2022, and the
 * algorithm's public description). Its reference library gives the values in {@code memory.json} of
 * the tests. It was fitted to single people; for a group it is a model, not a measurement.
 *
 * @param stability days after which nine in ten would still be remembered
 * @param difficulty 1 for easy to 10 for hard
 */
record Memory(double stability, double difficulty) {

  /**
   * Share that should still be remembered when it comes back: a group falls apart where one in ten
   * is lost. Rule of thumb, no source.
   */
  static final double WANTED = 0.95;

  /** The share that the model's stability is measured by. */
  private static final double NINE_IN_TEN = 0.9;

  private static final double[] W = {
    0.212, 1.2931, 2.3065, 8.2956, 6.4133, 0.8334, 3.0194, 0.001, 1.8722, 0.1666, 0.796, 1.4835,
    0.0614, 0.2629, 1.6483, 0.6014, 1.8729, 0.5425, 0.0912, 0.0658, 0.1542
  };

  private static final double DECAY = -W[20];
  private static final double FACTOR = Math.pow(NINE_IN_TEN, 1 / DECAY) - 1;
  private static final double SHARE = (Math.pow(WANTED, 1 / DECAY) - 1) / FACTOR;
  private static final double LEAST_STABILITY = 0.001;
  private static final double MEAN_GRADE = 3;

  /** After the first time. */
  static Memory first(Grade grade) {
    return new Memory(
        Math.max(LEAST_STABILITY, W[grade.ordinal()]), clamped(firstDifficulty(grade.number())));
  }

  private static double firstDifficulty(int grade) {
    return W[4] - Math.exp(W[5] * (grade - 1)) + 1;
  }

  private static double clamped(double difficulty) {
    return Math.clamp(difficulty, 1, 10);
  }

  /** The share that is still remembered after so many days, 0 to 1. */
  double strength(long days) {
    return Math.pow(1 + FACTOR * days / stability, DECAY);
  }

  /** Days after which it should come back, 1 or more. */
  int interval() {
    return (int) Math.max(1, Math.round(stability * SHARE));
  }

  /** With no more than so many days of stability. */
  Memory atMost(double days) {
    return stability <= days ? this : new Memory(days, difficulty);
  }

  /** After it came back so many days later, 1 or more. */
  Memory after(long days, Grade grade) {
    double strength = strength(days);
    double next = grade == Grade.AGAIN ? forgotten(strength) : recalled(strength, grade);
    return new Memory(Math.max(LEAST_STABILITY, next), harder(grade));
  }

  private double recalled(double strength, Grade grade) {
    double growth =
        Math.exp(W[8])
            * (11 - difficulty)
            * Math.pow(stability, -W[9])
            * (Math.exp((1 - strength) * W[10]) - 1);
    double share = grade == Grade.HARD ? W[15] : grade == Grade.EASY ? W[16] : 1;
    return stability * (1 + growth * share);
  }

  private double forgotten(double strength) {
    double left =
        W[11]
            * Math.pow(difficulty, -W[12])
            * (Math.pow(stability + 1, W[13]) - 1)
            * Math.exp((1 - strength) * W[14]);
    return Math.min(left, stability);
  }

  private double harder(Grade grade) {
    double change = -W[6] * (grade.number() - MEAN_GRADE);
    double moved = difficulty + change * (10 - difficulty) / 9;
    return clamped(W[7] * firstDifficulty(4) + (1 - W[7]) * moved);
  }
}
