package ulnaawl.plan;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * One line of a running order.
 *
 * @param start minutes from the start of the class
 * @param minutes how long, 1 or more
 * @param kind what it is for
 * @param subject what is danced or done
 * @param effort what it asks of the body, 0 to 100; empty where nothing is danced
 * @param points what it adds to the plan
 * @param reasons why it is there; at least one
 */
public record ClassLine(
    int start,
    int minutes,
    Kind kind,
    Subject subject,
    OptionalInt effort,
    int points,
    List<PlanReason> reasons) {

  private static final int AT_REST = 6;

  public ClassLine {
    reasons = List.copyOf(reasons);
  }

  /** What a line of a class is for. */
  public enum Kind {
    WARM_UP,
    REMINDER,
    TEACH,
    BREAK,
    PRACTICE,
    FINISH,
    COOL_DOWN
  }

  /** What a line is about. */
  public sealed interface Subject {

    /** A dance of the club, by its number. */
    record OfDance(long dance, String title) implements Subject {}

    /** Something without a dance. */
    record Without(Filler filler) implements Subject {}
  }

  /** What a line without a dance is filled with. */
  public enum Filler {
    WARM_UP_STEPS,
    REST,
    REQUESTS,
    GROUPS_CHOICE,
    COOL_DOWN_STEPS,
    IN_HAND
  }

  /**
   * What a line asks of the body, 0 to 100: a dance what it asks, a teach half of it, for most of
   * it is standing and walking; little where nothing is danced. Rule of thumb, no source.
   *
   * @param dance what the dance of the line asks; empty for a line without one
   */
  public static int effort(Kind kind, OptionalInt dance) {
    int danced = dance.orElse(AT_REST);
    return kind == Kind.TEACH && dance.isPresent() ? danced / 2 : danced;
  }

  /** The dance's number; empty for a line without one. */
  public Optional<Long> dance() {
    return subject instanceof Subject.OfDance it ? Optional.of(it.dance()) : Optional.empty();
  }
}
