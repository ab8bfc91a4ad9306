package ulnaawl.formats.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.formats.calendar.CalendarEvent.Hours;

/** Calendars of any program, by the examples of RFC 5545. */
public class EventCalendarTest {

  private static final ZoneId NEW_YORK = ZoneId.of("America/New_York");

  private static EventCalendar.Read read(String... events) {
    String text =
        "BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:-//Somebody//EN\n"
            + Stream.of(events)
                .map(it ->
                    "BEGIN:VEVENT\nDTSTAMP:19970610T172345Z\nSUMMARY:It\n" + it + "\nEND:VEVENT\n")
                .reduce("", String::concat)
            + "END:VCALENDAR\n";
    return EventCalendar.read(
        text.replace("\n", "\r\n"), LocalDate.of(1997, 1, 1), LocalDate.of(1998, 12, 31), NEW_YORK);
  }

  private static List<String> days(EventCalendar.Read read) {
    return read.events().stream().map(it -> it.from().toString().substring(5)).toList();
  }

  /** A day off for others is none for dancers unless it says so. */
  @Test
  public void whatSaysThatNobodyDancesIsKnown() {
    LocalDate day = LocalDate.of(1997, 5, 1);
    List<String> closed =
        List.of("Hall closed", "NO CLASS tonight", "no classes", "Shut: the floor is sanded");
    List<String> open = List.of("Labour Day", "Half-term", "", "Closing party", "Shutter dance");
    for (String summary : Stream.concat(closed.stream(), open.stream()).toList()) {
      CalendarEvent event = new CalendarEvent(1, summary, day, day, Optional.empty(), false);
      assertEquals(event.saysClosed(), closed.contains(summary), summary);
    }
  }

  /** Section 3.8.5.3; each rule with the days that the standard lists for it. */
  @DataProvider
  public Object[][] rulesOfTheStandard() {
    return new Object[][] {
      {
        "RRULE:FREQ=WEEKLY;COUNT=10",
        List.of(
            "09-02", "09-09", "09-16", "09-23", "09-30", "10-07", "10-14", "10-21", "10-28",
            "11-04")
      },
      {
        "RRULE:FREQ=WEEKLY;UNTIL=19971007T000000Z;WKST=SU;BYDAY=TU,TH",
        List.of(
            "09-02", "09-04", "09-09", "09-11", "09-16", "09-18", "09-23", "09-25", "09-30",
            "10-02")
      },
      {
        "RRULE:FREQ=DAILY;INTERVAL=10;COUNT=5", List.of("09-02", "09-12", "09-22", "10-02", "10-12")
      },
      {
        "RRULE:FREQ=MONTHLY;COUNT=3;BYDAY=TU,WE,TH;BYSETPOS=3",
        // The standard begins this one on the fourth; the second is its own first day.
        List.of("09-04", "10-07", "11-06")
      },
    };
  }

  @Test(dataProvider = "rulesOfTheStandard")
  public void whatRepeatsIsReadDayByDay(String rule, List<String> days) {
    String start = rule.contains("BYSETPOS") ? "19970904" : "19970902";
    EventCalendar.Read read =
        read("UID:a\nDTSTART;TZID=America/New_York:" + start + "T090000\n" + rule);
    assertEquals(read.faults(), List.of());
    assertEquals(days(read), days);
    assertTrue(
        read.events().stream()
            .allMatch(
                it -> it.hours().map(Hours::startsAt).equals(Optional.of(LocalTime.of(9, 0)))),
        "at nine on the wall of the hall, before and after the clocks are changed");
  }

  /** Section 3.6.1: an end of whole days is the day after the last one. */
  @Test
  public void wholeDaysEndBeforeTheirEnd() {
    EventCalendar.Read read = read("UID:b\nDTSTART;VALUE=DATE:19970628\nDTEND;VALUE=DATE:19970709");
    assertEquals(read.events().getFirst().to(), LocalDate.of(1997, 7, 8));
    assertEquals(read.events().getFirst().hours(), Optional.empty());
  }

  @Test
  public void aDayThatIsMovedOrExceptedIsNotReadTwice() {
    EventCalendar.Read read =
        read(
            "UID:c\nDTSTART:19970902T230000Z\nDURATION:PT1H\nRRULE:FREQ=WEEKLY;COUNT=4\n"
                + "EXDATE:19970909T230000Z",
            "UID:c\nRECURRENCE-ID:19970916T230000Z\nDTSTART:19970917T230000Z\nDURATION:PT90M");
    assertEquals(days(read), List.of("09-02", "09-17", "09-23"), read.faults().toString());
    assertEquals(
        read.events().get(1).hours(),
        Optional.of(new Hours(LocalTime.of(19, 0), 90)),
        "universal time on the clock of the club");
  }

  @Test
  public void whatCannotBeReadIsSaidWithItsLine() {
    EventCalendar.Read read =
        read(
            "UID:d\nDTSTART;VALUE=DATE:19970628",
            "UID:e\nRRULE:FREQ=DAILY",
            "UID:f\nDTSTART:20200101T100000");
    assertEquals(read.events().size(), 1);
    assertEquals(read.faults().stream().map(EventCalendar.Fault::line).toList(), List.of(10, 16));
    assertEquals(
        EventCalendar.read("BEGIN:VCALENDAR\nno", LocalDate.MIN, LocalDate.MAX, NEW_YORK)
            .faults()
            .size(),
        1);
  }
}
