package ulnaawl.server.calendar;

import java.util.ArrayList;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.formats.calendar.CalendarEvent;
import ulnaawl.formats.calendar.EventCalendar;
import ulnaawl.formats.intake.Content;
import ulnaawl.server.exchange.Brought;
import ulnaawl.server.platform.Today;

/** The events of the calendars that are brought, on the club's own clock. */
@Component
@RequiredArgsConstructor
public class EventsBrought {

  private static final int YEARS = 2;

  private final Today today;

  /** An event, and the number of its file. */
  public record Event(int part, CalendarEvent event) {}

  /** A fault, and the number of its file. */
  record EventFault(int part, EventCalendar.Fault fault) {}

  public List<Event> of(Brought brought) {
    List<Event> all = new ArrayList<>();
    for (Brought.Numbered<Content.Events> one : brought.of(Content.Events.class)) {
      read(one.content()).events().forEach(it -> all.add(new Event(one.part(), it)));
    }
    return all;
  }

  List<EventFault> faults(Brought brought) {
    List<EventFault> all = new ArrayList<>();
    for (Brought.Numbered<Content.Events> one : brought.of(Content.Events.class)) {
      read(one.content()).faults().forEach(it -> all.add(new EventFault(one.part(), it)));
    }
    return all;
  }

  private EventCalendar.Read read(Content.Events events) {
    return EventCalendar.read(
        events.text(), today.date().minusYears(YEARS), today.date().plusYears(YEARS), today.zone());
  }
}
