package ulnaawl.handover;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;

/**
 * Somebody who could lead a class in another one's place. Who is free comes first; then who has led
 * more of what is planned, a dance to be taught counting twice as much as one to be danced; then
 * who led this group last; else whoever came first to the club. Common practice, no source.
 *
 * @param person who
 * @param hasLed planned dances that they have led with any group
 * @param hasNot planned dances that they have not
 * @param lastHere when they last led this group
 * @param hindrance why they cannot, where they cannot
 */
public record StandIn(
    PersonId person,
    List<Planned> hasLed,
    List<Planned> hasNot,
    Optional<LocalDate> lastHere,
    Optional<Hindrance> hindrance) {

  public StandIn {
    hasLed = List.copyOf(hasLed);
    hasNot = List.copyOf(hasNot);
  }

  /** A dance of the running order, with what is done with it. */
  public record Planned(long dance, String title, Kind kind) {}

  /** Why somebody cannot lead. */
  public sealed interface Hindrance {

    /** They said so. */
    record Away(LocalDate from, LocalDate to) implements Hindrance {}

    /** They lead another class at that time. */
    record LeadsElsewhere(String group) implements Hindrance {}
  }

  /**
   * A colleague.
   *
   * @param led dances that they have led with any group
   */
  public record Colleague(
      PersonId person, Set<Long> led, Optional<LocalDate> lastHere, Optional<Hindrance> hindrance) {
    public Colleague {
      led = Set.copyOf(led);
    }
  }

  /**
   * Everybody who could be asked, the best one first.
   *
   * @param plan the lines of the class that have a dance, in order
   */
  public static List<StandIn> of(List<Planned> plan, List<Colleague> colleagues) {
    Map<Long, Planned> dances = new LinkedHashMap<>();
    for (Planned one : plan) {
      // Taught and practised, it is one dance to know, and taught asks more of whoever leads it.
      dances.merge(
          one.dance(),
          one,
          (first, next) -> first.kind() == Kind.TEACH ? first : better(first, next));
    }
    return colleagues.stream()
        .map(one ->
            new StandIn(
                one.person(),
                dances.values().stream().filter(it -> one.led().contains(it.dance())).toList(),
                dances.values().stream().filter(it -> !one.led().contains(it.dance())).toList(),
                one.lastHere(),
                one.hindrance()))
        .sorted(
            Comparator.comparing((StandIn it) -> it.hindrance().isPresent())
                .thenComparingInt(it -> -it.known())
                .thenComparing(it -> it.lastHere().orElse(LocalDate.MIN), Comparator.reverseOrder())
                .thenComparingLong(it -> it.person().number()))
        .toList();
  }

  private static Planned better(Planned first, Planned next) {
    return next.kind() == Kind.TEACH ? next : first;
  }

  private int known() {
    return hasLed.stream().mapToInt(it -> it.kind() == Kind.TEACH ? 2 : 1).sum();
  }
}
