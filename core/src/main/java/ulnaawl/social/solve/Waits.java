package ulnaawl.social.solve;

/** How long groups have waited, and what that costs. */
final class Waits {

  private Waits() {}

  /** Plays a piece: who dances waits no longer, others wait on; what that costs, 0 or less. */
  static int add(Evening evening, Playable piece, int[] waited) {
    int cost = 0;
    for (int group = 0; group < waited.length; group++) {
      int before = waited[group];
      waited[group] = piece.dancing().get(group) ? 0 : before + piece.grains();
      if (waited[group] > 0) {
        cost += evening.waiting().applyAsInt(waited[group]) - evening.waiting().applyAsInt(before);
      }
    }
    return cost;
  }
}
