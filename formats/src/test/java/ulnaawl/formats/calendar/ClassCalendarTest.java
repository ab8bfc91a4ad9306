package ulnaawl.formats.calendar;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The calendar is read by another library, by the rules of RFC 5545. */
public class ClassCalendarTest {

  private static final Instant NOW = Instant.parse("2026-11-30T08:00:00Z");

  private static CalendarClass at(ZonedDateTime start) {
    return new CalendarClass(
        "g1-" + start.toLocalDate() + "@club", start, 90, "Steppers", "Mill", "", false, 0);
  }

  private static ICalendar read(String text) {
    ICalendar calendar = Biweekly.parse(text).first();
    assertTrue(
        calendar.validate(ICalVersion.V2_0).isEmpty(),
        calendar.validate(ICalVersion.V2_0).toString());
    return calendar;
  }

  @DataProvider
  public Object[][] zones() {
    return new Object[][] {
      {"Europe/Berlin"}, {"Europe/London"}, {"America/New_York"}, {"Australia/Sydney"}, {"UTC"}
    };
  }

  /** A year of weekly classes at seven, over both changes of the clocks. */
  @Test(dataProvider = "zones")
  public void aClassAtSevenIsAtSevenAllYear(String zone) {
    List<ZonedDateTime> starts =
        IntStream.range(0, 52)
            .mapToObj(week ->
                ZonedDateTime.of(
                    LocalDate.of(2026, 9, 1).plusWeeks(week), LocalTime.of(19, 0), ZoneId.of(zone)))
            .toList();
    String text =
        ClassCalendar.write("Club", NOW, starts.stream().map(ClassCalendarTest::at).toList());
    List<VEvent> events = read(text).getEvents();
    assertEquals(
        events.stream().map(it -> it.getDateStart().getValue().toInstant()).toList(),
        starts.stream().map(ZonedDateTime::toInstant).toList());
    assertEquals(text.contains("BEGIN:VTIMEZONE"), !zone.equals("UTC"), text);
    assertTrue(zone.equals("UTC") || text.contains("DTSTART;TZID=" + zone + ":20260901T190000"));
    assertTrue(events.stream().allMatch(it -> it.getDuration().getValue().toMillis() == 5_400_000));
  }

  /**
   * Words of RFC 5545: the text of section 3.3.11, folding (3.1), what is called off (3.8.1.11).
   */
  @Test
  public void wordsComeBackAsTheyWere() {
    String said = "Project XYZ Final Review\nConference Room - 3B\nCome Prepared.";
    String place = "Mühle; \"Saal\", 2. Stock \\ " + "ä".repeat(90);
    ZonedDateTime start = ZonedDateTime.of(2026, 12, 1, 19, 0, 0, 0, ZoneId.of("Europe/Berlin"));
    String text =
        ClassCalendar.write(
            "Club\u0007 one",
            NOW,
            List.of(
                at(start),
                new CalendarClass("x@club", start.plusDays(7), 60, "A, b", place, said, true, 3)));
    List<VEvent> events = read(text).getEvents();
    VEvent off = events.get(1);
    assertEquals(off.getDescription().getValue(), said);
    assertEquals(off.getLocation().getValue(), place);
    assertEquals(off.getSummary().getValue(), "A, b");
    assertTrue(off.getStatus().isCancelled());
    assertEquals(off.getSequence().getValue(), Integer.valueOf(3));
    assertTrue(events.getFirst().getStatus().isConfirmed());
    assertTrue(
        text.contains("DESCRIPTION:Project XYZ Final Review\\nConference Room - 3B\\nCome Prep"));
    assertFalse(text.contains("\u0007"));
    assertTrue(text.startsWith("BEGIN:VCALENDAR\r\n") && text.endsWith("END:VCALENDAR\r\n"));
    for (String line : text.split("\r\n")) {
      assertTrue(line.getBytes(StandardCharsets.UTF_8).length <= 75, line);
      assertFalse(line.contains("\n"), line);
    }
  }

  @Test
  public void anEmptyOneIsRefusedByNobody() {
    // RFC 5545 wants one component at least; a club without groups still gets an answer.
    String text = ClassCalendar.write("Club", NOW, List.of());
    assertTrue(Biweekly.parse(text).first().getEvents().isEmpty());
  }
}
