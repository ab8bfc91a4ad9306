package ulnaawl.term;

import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import ulnaawl.people.PersonId;

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

  /**
   * Somebody of a club: an instructor teaches whatever it has, a co-instructor what they have led.
   * Common practice, no source.
   *
   * @param led numbers of the dances that they have led
   * @param all numbers of all dances
   */
  public static Leader of(long id, String name, boolean instructor, Set<Long> led, Set<Long> all) {
    return new Leader(id, name, instructor ? all : led);
  }

  /**
   * Who leads usually: whoever led most of the last classes, of two the one who led last.
   *
   * @param led who led the last classes, the newest first
   */
  public static Optional<PersonId> usual(List<PersonId> led) {
    return led.stream()
        .max(
            Comparator.<PersonId>comparingInt(it -> Collections.frequency(led, it))
                .thenComparing(led::indexOf, Comparator.reverseOrder()));
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
