package ulnaawl.term;

import java.time.LocalDate;
import java.util.ArrayList;
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

  /** Who leads the class of a group on a day. */
  public Optional<Led> led(long group, LocalDate on) {
    return led.stream().filter(it -> it.group() == group && it.on().equals(on)).findFirst();
  }

  /** The same, where a dance starts on another day, or not at all; somebody put it there. */
  public TermPlan with(long group, long dance, Optional<LocalDate> on) {
    List<Start> others =
        new ArrayList<>(
            starts.stream().filter(it -> it.group() != group || it.dance() != dance).toList());
    boolean stays = start(group, dance).map(Start::stays).orElse(false);
    on.ifPresent(it -> others.add(new Start(group, dance, it, stays)));
    return new TermPlan(others, led);
  }

  /** The same, where a dance starts as it is said, wherever it started before. */
  public TermPlan with(Start start) {
    List<Start> others =
        new ArrayList<>(starts.stream().filter(it -> !it.isOfSame(start)).toList());
    others.add(start);
    return new TermPlan(others, led);
  }

  /** The same, where somebody else leads, or nobody. */
  public TermPlan ledBy(long group, LocalDate on, Optional<Long> leader) {
    List<Led> others =
        new ArrayList<>(
            led.stream().filter(it -> it.group() != group || !it.on().equals(on)).toList());
    leader.ifPresent(it -> others.add(new Led(group, on, it, false)));
    return new TermPlan(starts, others);
  }
}
