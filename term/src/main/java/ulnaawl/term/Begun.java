package ulnaawl.term;

import java.util.List;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.Standing;

/**
 * A dance that a group has met before what is planned here.
 *
 * @param standing where the group stands with it on the first day that is planned
 * @param evidence what happened, in any order
 */
public record Begun(long group, long dance, Standing standing, List<Evidence> evidence) {

  public Begun {
    evidence = List.copyOf(evidence);
  }
}
