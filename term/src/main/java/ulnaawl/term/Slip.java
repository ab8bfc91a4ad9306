package ulnaawl.term;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * A dance that a group will know later than the plan of the term had it, because a class fell
 * behind, was lost, or taught something else.
 *
 * @param known when it will be known now; empty where that is not within the term any more
 */
public record Slip(Promise promise, Optional<LocalDate> known) {

  /** Whole weeks between the two days; empty where it is not known within the term any more. */
  public Optional<Integer> weeks() {
    return known.map(it -> (int) ChronoUnit.WEEKS.between(promise.known(), it));
  }

  /**
   * What has slipped, in the order of the promises.
   *
   * @param courses what is on its way in the term now
   */
  public static List<Slip> of(List<Promise> promises, List<Course> courses) {
    return promises.stream()
        .flatMap(promise ->
            courses.stream()
                .filter(it -> promise.isOf(it) && it.kind() != Course.Kind.RETURN)
                .filter(it -> !it.isKnownOn(promise.known()))
                .map(it -> new Slip(promise, it.known())))
        .toList();
  }
}
