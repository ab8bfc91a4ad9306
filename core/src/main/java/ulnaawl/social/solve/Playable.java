package ulnaawl.social.solve;

import java.util.List;

/**
 * Something that may be played.
 *
 * @param dances numbers of its dances, from 0; each is danced once
 * @param again a dance that must have been danced before it, long enough ago; {@link #FIRST} else
 * @param earliest the grain of the evening before which it does not begin
 * @param grains how long it lasts, 1 or more
 * @param family songs of one family may follow the same; from 1
 * @param walkIn whether it is only played where a walk-in is due
 * @param pointsAt what it is worth where it begins at each grain of the evening
 * @param last what it adds as the last one
 * @param dancing whether each group dances
 */
public record Playable(
    List<Integer> dances,
    int again,
    int earliest,
    int grains,
    int family,
    boolean walkIn,
    List<Integer> pointsAt,
    int last,
    List<Boolean> dancing) {
  /** It is danced the first time. */
  public static final int FIRST = -1;

  public Playable {
    dances = List.copyOf(dances);
    pointsAt = List.copyOf(pointsAt);
    dancing = List.copyOf(dancing);
    if (grains < 1) {
      throw new IllegalArgumentException("What is played lasts");
    }
  }
}
