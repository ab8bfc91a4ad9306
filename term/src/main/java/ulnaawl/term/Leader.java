package ulnaawl.term;

import java.util.Set;

/**
 * Somebody who leads classes.
 *
 * @param id their number
 * @param teaches numbers of the dances that they have led or could teach
 */
public record Leader(long id, String name, Set<Long> teaches) {

  public Leader {
    teaches = Set.copyOf(teaches);
  }

  public boolean canTeach(long dance) {
    return teaches.contains(dance);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Leader it && it.id == id;
  }

  @Override
  public int hashCode() {
    return Long.hashCode(id);
  }
}
