package ulnaawl.social;

import java.util.List;

/**
 * A song that is to stay in its place.
 *
 * @param place its place among the songs that are planned, from 0
 * @param dances numbers of its dances
 */
public record Locked(int place, Played.How how, List<Long> dances) {
  public Locked {
    dances = List.copyOf(dances);
  }

  /** Whether this is what is to be played. */
  public boolean is(Played played) {
    return how == played.how() && dances.equals(played.numbers());
  }
}
