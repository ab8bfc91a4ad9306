package ulnaawl.formats.calendar;

import java.io.IOException;
import java.io.StringReader;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Period;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;

/**
 * Reads the events of an iCalendar (RFC 5545): one by one, those that repeat too, as far as days
 * go. Hours that stand in a zone of their own are kept as they stand there: a hall's clock is on
 * its wall.
 */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
public final class EventCalendar {

  /** Events that are read from one file, each day of one that repeats counted. */
  public static final int MOST = 1000;

  private static final Pattern BEGIN =
      Pattern.compile("BEGIN:VEVENT\\s*", Pattern.CASE_INSENSITIVE);
  private static final Pattern OFTEN =
      Pattern.compile("FREQ=(SECONDLY|MINUTELY|HOURLY)|BY(SECOND|MINUTE|HOUR)=");

  private final LocalDate from;
  private final LocalDate to;
  private final ZoneId zone;
  private final List<CalendarEvent> events = new ArrayList<>();
  private final List<Fault> faults = new ArrayList<>();

  /**
   * What was read.
   *
   * @param events by their days
   */
  public record Read(List<CalendarEvent> events, List<Fault> faults) {
    public Read {
      events = List.copyOf(events);
      faults = List.copyOf(faults);
    }
  }

  /**
   * Something that was not read.
   *
   * @param line from 1; 0 for the whole file
   */
  public record Fault(int line, String title, String message) {}

  /**
   * Reads a calendar.
   *
   * @param from the first day that matters; what repeats is read between the two
   * @param to the last day that matters
   * @param zone the club's, for times that are given in universal time
   */
  public static Read read(String text, LocalDate from, LocalDate to, ZoneId zone) {
    EventCalendar reading = new EventCalendar(from, to, zone);
    try {
      Calendar calendar = new CalendarBuilder().build(new StringReader(text));
      reading.all(calendar, lines(text));
    } catch (ParserException e) {
      reading.faults.add(
          new Fault(
              Math.max(0, e.getLineNo()),
              "",
              "From here on this is not a calendar that can be read (iCalendar, RFC 5545)."));
    } catch (IOException | RuntimeException e) {
      reading.faults.add(
          new Fault(0, "", "This is not a calendar that can be read (iCalendar, RFC 5545)."));
    }
    return new Read(
        reading.events.stream()
            .sorted(Comparator.comparing(CalendarEvent::from).thenComparingInt(CalendarEvent::line))
            .toList(),
        reading.faults);
  }

  /** Where each event begins, in their order. */
  private static List<Integer> lines(String text) {
    List<Integer> begins = new ArrayList<>();
    int number = 0;
    for (String line : text.lines().toList()) {
      number++;
      if (BEGIN.matcher(line).matches()) {
        begins.add(number);
      }
    }
    return begins;
  }

  private void all(Calendar calendar, List<Integer> lines) {
    List<VEvent> all = calendar.getComponents(Component.VEVENT);
    Set<Instance> moved = new HashSet<>();
    all.forEach(it -> moved(it).ifPresent(moved::add));
    for (int i = 0; i < all.size(); i++) {
      int line = i < lines.size() ? lines.get(i) : 0;
      if (events.size() >= MOST) {
        faults.add(new Fault(line, "", "Up to " + MOST + " events are read; the rest is not."));
        return;
      }
      one(all.get(i), line, moved);
    }
  }

  /** One day of an event that repeats, by the word that names the event. */
  private record Instance(String uid, LocalDate day) {}

  /** The day of a repeating event in whose place this one stands. */
  private Optional<Instance> moved(VEvent event) {
    return event
        .getProperty(Property.RECURRENCE_ID)
        .map(Property::getValue)
        .flatMap(EventCalendar::day)
        .map(day -> new Instance(uid(event), day));
  }

  private static Optional<LocalDate> day(String value) {
    try {
      return Optional.of(
          LocalDate.parse(
              value.substring(0, 8), java.time.format.DateTimeFormatter.BASIC_ISO_DATE));
    } catch (DateTimeException | StringIndexOutOfBoundsException noDay) {
      return Optional.empty();
    }
  }

  private static String uid(VEvent event) {
    return event.getProperty(Property.UID).map(Property::getValue).orElse("");
  }

  private void one(VEvent event, int line, Set<Instance> moved) {
    String summary = event.getProperty(Property.SUMMARY).map(Property::getValue).orElse("").strip();
    String shown = summary.length() > 80 ? summary.substring(0, 79) + "…" : summary;
    boolean cancelled =
        event
            .getProperty(Property.STATUS)
            .map(it -> it.getValue().equalsIgnoreCase("CANCELLED"))
            .orElse(false);
    Optional<Temporal> start =
        Optional.ofNullable(event.getDateTimeStart()).map(it -> it.getDate());
    if (start.isEmpty()) {
      faults.add(new Fault(line, shown, "It does not say when it begins (DTSTART)."));
      return;
    }
    Optional<Property> rule = event.getProperty(Property.RRULE);
    boolean isMoved = event.getProperty(Property.RECURRENCE_ID).isPresent();
    try {
      if (rule.isPresent() && !isMoved) {
        if (OFTEN.matcher(rule.get().getValue().toUpperCase(java.util.Locale.ROOT)).find()) {
          faults.add(new Fault(line, shown, "It repeats more often than once a day."));
          return;
        }
        repeated(event, line, shown, cancelled, start.get(), moved);
      } else {
        Optional<Temporal> end = event.getEndDate().map(it -> it.getDate());
        add(line, shown, start.get(), end, cancelled);
      }
    } catch (RuntimeException strange) {
      faults.add(new Fault(line, shown, "When it is cannot be read."));
    }
  }

  private void repeated(
      VEvent event,
      int line,
      String summary,
      boolean cancelled,
      Temporal first,
      Set<Instance> moved) {
    Period<? extends Temporal> window = window(first);
    List<? extends Period<? extends Temporal>> found =
        event.calculateRecurrenceSet(window).stream().sorted(EventCalendar::byStart).toList();
    for (Period<? extends Temporal> period : found) {
      Temporal start = period.getStart();
      if (moved.contains(new Instance(uid(event), localDay(start)))) {
        continue;
      }
      if (events.size() >= MOST) {
        return;
      }
      add(line, summary, start, Optional.ofNullable((Temporal) period.getEnd()), cancelled);
    }
  }

  private static int byStart(Period<? extends Temporal> one, Period<? extends Temporal> other) {
    return one.getStart().toString().compareTo(other.getStart().toString());
  }

  /** The days that matter in the kind of time that an event is written in. */
  private Period<? extends Temporal> window(Temporal like) {
    return switch (like) {
      case LocalDate _ -> new Period<>(from, to);
      case LocalDateTime _ -> new Period<>(from.atStartOfDay(), to.plusDays(1).atStartOfDay());
      case ZonedDateTime it ->
          new Period<>(from.atStartOfDay(it.getZone()), to.plusDays(1).atStartOfDay(it.getZone()));
      case OffsetDateTime it ->
          new Period<>(
              from.atStartOfDay().atOffset(it.getOffset()),
              to.plusDays(1).atStartOfDay().atOffset(it.getOffset()));
      default ->
          new Period<>(
              from.atStartOfDay(zone).toInstant(), to.plusDays(1).atStartOfDay(zone).toInstant());
    };
  }

  private void add(
      int line, String summary, Temporal start, Optional<Temporal> end, boolean cancelled) {
    LocalDate first = localDay(start);
    if (first.isBefore(from) || first.isAfter(to)) {
      faults.add(
          new Fault(line, summary, "It is on " + first + ", too far from today to matter here."));
      return;
    }
    if (start instanceof LocalDate) {
      // The end of whole days is the day after the last one.
      LocalDate last = end.map(it -> localDay(it).minusDays(1)).orElse(first);
      events.add(
          new CalendarEvent(
              line,
              summary,
              first,
              last.isBefore(first) ? first : last,
              Optional.empty(),
              cancelled));
      return;
    }
    LocalDateTime at = local(start);
    long minutes = end.map(it -> Duration.between(at, local(it)).toMinutes()).orElse(0L);
    events.add(
        new CalendarEvent(
            line,
            summary,
            first,
            first,
            Optional.of(
                new CalendarEvent.Hours(
                    at.toLocalTime(), minutes < 0 || minutes > 24 * 60 ? 0 : (int) minutes)),
            cancelled));
  }

  private LocalDate localDay(Temporal of) {
    return of instanceof LocalDate day ? day : local(of).toLocalDate();
  }

  private LocalDateTime local(Temporal of) {
    return switch (of) {
      case LocalDateTime it -> it;
      case LocalDate it -> it.atStartOfDay();
      case ZonedDateTime it -> it.toLocalDateTime();
      case OffsetDateTime it -> it.atZoneSameInstant(zone).toLocalDateTime();
      case Instant it -> it.atZone(zone).toLocalDateTime();
      default -> throw new DateTimeException("no time that is known: " + of);
    };
  }
}
