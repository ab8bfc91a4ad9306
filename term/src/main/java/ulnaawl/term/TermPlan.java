package ulnaawl.term;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What is settled in a term: which dance starts when with which group, and who leads. The rest
 * follows.
 */
public record TermPlan(List<Start> starts, List<Led> led) {

  /** Nothing is settled yet. */
  public static final TermPlan NOTHING = new TermPlan(List.of(), List.of());

  public TermPlan {
    starts = List.copyOf(starts);
    led = List.copyOf(led);
  }

  /**
   * A dance starts with a group on a day: taught, gone on with, or danced again.
   *
   * @param stays whether somebody wants it just there
   */
  public record Start(long group, long dance, LocalDate on, boolean stays) {

    /** Whether it is about the same dance and group. */
    public boolean isOfSame(Start other) {
      return group == other.group && dance == other.dance;
    }
  }

  /**
   * Somebody leads the class of a group.
   *
   * @param stays whether that is settled
   */
  public record Led(long group, LocalDate on, long leader, boolean stays) {}

  /** Where a dance starts with a group. */
  public Optional<Start> start(long group, long dance) {
    return starts.stream().filter(it -> it.group() == group && it.dance() == dance).findFirst();
  }
}
