package ulnaawl.handover;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;

/**
 * What somebody who takes a class has to know: what happened since they last led the group, and
 * what each planned dance asks of them. Everything in it is read from the record.
 *
 * @param reader for whom it is
 * @param date of the class
 * @param lastLed when the reader last led this group; empty where they never have
 * @param since the classes since then, the newest first; where they never led, the last few
 * @param plan what is planned, in order
 * @param dances what is to be known of each planned dance, in the order of the plan
 * @param wishes what is asked for and not answered yet
 */
public record Brief(
    PersonId reader,
    LocalDate date,
    Optional<LocalDate> lastLed,
    List<PastClass> since,
    List<Planned> plan,
    List<DanceBrief> dances,
    List<Wish> wishes) {

  /** Who never led a group reads of so many classes. */
  private static final int LAST_FEW = 3;

  public Brief {
    since = List.copyOf(since);
    plan = List.copyOf(plan);
    dances = List.copyOf(dances);
    wishes = List.copyOf(wishes);
  }

  /** A line of the running order. */
  public record Planned(Kind kind, int minutes, String title) {}

  /** A dance that somebody asked for. */
  public record Wish(String title, String askedBy, LocalDate since) {}

  /**
   * The brief of a class.
   *
   * @param held the classes of the group that were written down, in any order
   */
  public static Brief of(
      PersonId reader,
      LocalDate date,
      List<PastClass> held,
      List<Planned> plan,
      List<DanceBrief> dances,
      List<Wish> wishes) {
    List<PastClass> before =
        held.stream()
            .filter(it -> it.date().isBefore(date))
            .sorted(Comparator.comparing(PastClass::date).reversed())
            .toList();
    Optional<LocalDate> lastLed =
        before.stream().filter(it -> it.leader().equals(reader)).map(PastClass::date).findFirst();
    List<PastClass> since =
        lastLed.isPresent()
            ? before.stream().takeWhile(it -> it.date().isAfter(lastLed.get())).toList()
            : before.stream().limit(LAST_FEW).toList();
    return new Brief(reader, date, lastLed, since, plan, dances, wishes);
  }
}
