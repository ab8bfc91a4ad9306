package ulnaawl.term;

import java.util.Set;
import ulnaawl.plan.DanceFacts;

/**
 * A dance of the club.
 *
 * @param id its number
 * @param facts what it is
 * @param walls how many walls it has, 1, 2 or 4
 * @param tags its own tags, lower case
 */
public record TermDance(long id, DanceFacts facts, int walls, Set<String> tags) {

  public TermDance {
    tags = Set.copyOf(tags);
  }

  public String title() {
    return facts.title();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof TermDance it && it.id == id;
  }

  @Override
  public int hashCode() {
    return Long.hashCode(id);
  }
}
