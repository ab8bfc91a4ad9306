package ulnaawl.term;

import java.time.LocalDate;
import java.util.List;

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

  /** A dance starts with a group on a day: taught, gone on with, or danced again. */
  public record Start(long group, long dance, LocalDate on) {}

  /** Somebody leads the class of a group. */
  public record Led(long group, LocalDate on, long leader) {}
}
