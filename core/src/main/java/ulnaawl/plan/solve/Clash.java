package ulnaawl.plan.solve;

import java.util.EnumSet;
import java.util.Set;
import ulnaawl.plan.solve.ClassBlock.Speed;

/** Why one dance should not come straight after another. Common practice, no source. */
public enum Clash {
  ALIKE,
  BOTH_VERY_FAST,
  BOTH_FAST;

  /**
   * What speaks against two dances in a row.
   *
   * @param sameStyle whether both say a style, and the same one
   * @param byStyle whether one style is too much alike; else one style and one speed
   * @param gentle whether two fast dances in a row are too much
   */
  public static Set<Clash> between(
      boolean sameStyle, Speed first, Speed second, boolean byStyle, boolean gentle) {
    Set<Clash> clashes = EnumSet.noneOf(Clash.class);
    if (sameStyle && (byStyle || first == second)) {
      clashes.add(ALIKE);
    }
    if (first == Speed.VERY_FAST && second == Speed.VERY_FAST) {
      clashes.add(BOTH_VERY_FAST);
    } else if (gentle && first != Speed.EASY && second != Speed.EASY) {
      clashes.add(BOTH_FAST);
    }
    return clashes;
  }
}
