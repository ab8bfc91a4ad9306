package ulnaawl.term;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import ulnaawl.plan.TermPlace;

/**
 * A dance on its way through the term with a group: where it is taught, gone on with, danced again.
 * It follows from the day on which it starts; what comes when is read from the same record of
 * learning as everything else, taking it that each time goes well. Two courses are the same where
 * group, dance and start are.
 *
 * @param start index of the class in which it starts
 * @param appearances the classes in which it is on, the first one first; at least one
 * @param known when it is known; empty where that is not within the term
 * @param news names of figures that are new to the group when the term begins
 * @param needs names of figures that its new ones rest on, and that the group has not met either
 * @param late weeks after the first class in which it could have started
 */
public record Course(
    long group,
    TermDance dance,
    Kind kind,
    int start,
    List<Appearance> appearances,
    Optional<LocalDate> known,
    Set<String> news,
    Set<String> needs,
    int late) {

  /** What a course does for a group. */
  public enum Kind {
    /** A dance that the group has never met. */
    NEW,
    /** A dance that was begun and is not known yet. */
    GO_ON,
    /** A dance that is known, and comes back. */
    RETURN
  }

  public Course {
    appearances = List.copyOf(appearances);
    news = Set.copyOf(news);
    needs = Set.copyOf(needs);
  }

  /** The class in which it starts. */
  public ClassOn first() {
    return appearances.getFirst().at();
  }

  /** Whether the group knows it on a day. */
  public boolean isKnownOn(LocalDate day) {
    return known.isPresent() && !known.get().isAfter(day);
  }

  /** Whether something is done with it in the class of a day. */
  public boolean isOn(LocalDate day) {
    return appearances.stream().anyMatch(it -> it.at().date().equals(day));
  }

  /** Where it is, seen from the class of a day. */
  public TermPlace seenFrom(LocalDate day) {
    if (isOn(day)) {
      return new TermPlace.Here();
    }
    boolean later = kind == Kind.NEW && first().date().isAfter(day);
    return later ? new TermPlace.Later(first().date()) : new TermPlace.Nowhere();
  }

  /** Whether a start is its own. */
  boolean isOf(TermPlan.Start of) {
    return group == of.group() && dance.id() == of.dance();
  }

  /** Whether it has figures for somebody to meet. */
  public boolean has(String figure) {
    return dance.facts().figures().contains(figure);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Course it
        && it.group == group
        && it.start == start
        && it.kind == kind
        && it.dance.id() == dance.id();
  }

  @Override
  public int hashCode() {
    return Objects.hash(group, dance.id(), start);
  }

  @Override
  public String toString() {
    return dance.title() + " from " + first().date();
  }
}
