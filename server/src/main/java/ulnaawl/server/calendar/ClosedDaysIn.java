package ulnaawl.server.calendar;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.formats.calendar.CalendarEvent;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.formats.table.DayHabit;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.exchange.Brought;
import ulnaawl.server.exchange.Coming;
import ulnaawl.server.exchange.Found;
import ulnaawl.server.exchange.Found.Where;
import ulnaawl.server.exchange.Incoming;
import ulnaawl.server.exchange.Kind;
import ulnaawl.server.exchange.Outgoing;
import ulnaawl.server.exchange.Taken;
import ulnaawl.server.platform.ClubDays;

/**
 * Days without classes, from tables and from calendars: what takes whole days there. That a day is
 * a holiday does not say that the hall is closed, so only what says so is wise to take.
 */
@Component
@RequiredArgsConstructor
class ClosedDaysIn implements Incoming, Outgoing {

  private static final int LONGEST_NOTE = 120;
  private static final int LONGEST_DAYS = 120;

  private final ClosedDays closed;
  private final ClubDays club;
  private final EventsBrought events;

  @Override
  public Kind kind() {
    return Kind.CLOSED_DAYS;
  }

  @Override
  public List<Found> look(Brought brought, Coming coming) {
    List<Found> found = new ArrayList<>();
    Map<Integer, DayHabit> habits = new HashMap<>();
    found.addAll(
        brought.rows(
            ClubTable.CLOSED_DAYS,
            row -> {
              DayHabit habit =
                  habits.computeIfAbsent(row.spot().part(), _ -> DayHabit.of(days(row)));
              return look(row, habit);
            }));
    for (EventsBrought.Event one : events.of(brought)) {
      CalendarEvent event = one.event();
      if (event.hours().isEmpty() && !event.cancelled()) {
        found.add(
            look(
                new Where(one.part(), event.line()),
                event.from(),
                event.to(),
                event.summary(),
                event.saysClosed()));
      }
    }
    events
        .faults(brought)
        .forEach(it ->
            found.add(
                new Where(it.part(), it.fault().line())
                    .unreadable(it.fault().title(), it.fault().message())));
    return found;
  }

  private static List<String> days(Brought.TableRow row) {
    List<String> days = new ArrayList<>(row.table().column("closed from"));
    days.addAll(row.table().column("closed to"));
    return days;
  }

  private Found look(Brought.TableRow row, DayHabit habit) {
    String from = row.cell("closed from");
    String to = row.cell("closed to").isEmpty() ? from : row.cell("closed to");
    Optional<LocalDate> first = habit.read(from);
    Optional<LocalDate> last = habit.read(to);
    if (first.isEmpty() || last.isEmpty()) {
      return row.spot()
          .unreadable(row.cell("note"), DayHabit.whyNot(first.isEmpty() ? from : to) + ".");
    }
    if (!row.cell("group").isEmpty()) {
      return row.spot()
          .unreadable(
              row.cell("note"), "Days of one group alone are closed on the calendar's page.");
    }
    return look(row.spot(), first.get(), last.get(), row.cell("note"), true);
  }

  private Found look(Where spot, LocalDate from, LocalDate to, String why, boolean isWise) {
    String note = why.length() > LONGEST_NOTE ? why.substring(0, LONGEST_NOTE - 1) + "…" : why;
    String days = from.equals(to) ? from.toString() : from + " to " + to;
    String title = note.isEmpty() ? days : note + ", " + days;
    Optional<String> whyNot =
        Stream.of(from, to).flatMap(it -> club.whyNot(it).stream()).findFirst();
    if (whyNot.isPresent()) {
      return spot.unreadable(title, "It cannot be closed then: " + whyNot.get() + ".");
    }
    if (to.isBefore(from) || to.isAfter(from.plusDays(LONGEST_DAYS - 1L))) {
      return spot.unreadable(
          title, "Closed days go from one day to a later one, " + LONGEST_DAYS + " at most.");
    }
    boolean isThere =
        closed.now().all().stream()
            .anyMatch(it -> it.group().isEmpty() && it.has(from) && it.has(to));
    if (isThere) {
      return spot.same(title, "closed already");
    }
    Found.Take take = me -> take(from, to, note, me);
    return isWise
        ? spot.fresh(title, "", take)
        : spot.doubtful(title, "Take it if there is no class on these days.", take);
  }

  private Taken take(LocalDate from, LocalDate to, String note, SignedIn me) {
    long id = closed.close(Optional.empty(), from, to, note, me);
    return Taken.added(id, 0);
  }

  @Override
  public Optional<String> undo(Taken taken, SignedIn me) {
    boolean isThere = closed.now().all().stream().anyMatch(it -> it.id() == taken.id());
    if (isThere) {
      closed.open(taken.id(), me);
    }
    return Optional.empty();
  }

  @Override
  public ClubTable table() {
    return ClubTable.CLOSED_DAYS;
  }

  @Override
  public List<List<String>> rows() {
    return closed.now().all().stream()
        .filter(it -> it.group().isEmpty())
        .map(it -> List.of(it.from().toString(), it.to().toString(), "", it.note()))
        .toList();
  }
}
