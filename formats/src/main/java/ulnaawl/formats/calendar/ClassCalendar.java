package ulnaawl.formats.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Optional;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.TimeZoneRegistryFactory;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VTimeZone;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.Name;
import net.fortuna.ical4j.model.property.RefreshInterval;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * Classes as an iCalendar (RFC 5545) that is published and read again from time to time (RFC 7986).
 * Hours are those on the clock of the hall, with the rules of its zone beside them, so that a class
 * at seven is at seven before and after the clocks are changed.
 */
public final class ClassCalendar {

  private static final String MAKER = "-//Ulna Awl//Classes//EN";
  private static final Duration READ_AGAIN = Duration.ofHours(4);

  /** Longer than any line: the library folds by letters, the standard by octets. */
  private static final int UNFOLDED = 1_000_000;

  private ClassCalendar() {}

  /**
   * Writes a calendar.
   *
   * @param name what it is called
   * @param written when it is written
   */
  public static String write(String name, Instant written, List<CalendarClass> classes) {
    Calendar calendar =
        new Calendar()
            .withProdId(MAKER)
            .withProperty(ImmutableVersion.VERSION_2_0)
            .withProperty(ImmutableCalScale.GREGORIAN)
            .withProperty(ImmutableMethod.PUBLISH)
            .withProperty(new Name(clean(name)))
            .withProperty(
                new RefreshInterval(new net.fortuna.ical4j.model.ParameterList(), READ_AGAIN))
            .getFluentTarget();
    classes.stream()
        .map(it -> it.start().getZone())
        .distinct()
        .flatMap(zone -> rules(zone).stream())
        .forEach(calendar::add);
    classes.forEach(it -> calendar.add(event(it, written)));
    StringWriter text = new StringWriter();
    try {
      new CalendarOutputter(true, UNFOLDED).output(calendar, text);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return Folding.folded(text.toString());
  }

  /** The rules of a zone; none where its hours are those of universal time. */
  private static Optional<VTimeZone> rules(ZoneId zone) {
    if (zone.getRules().equals(ZoneOffset.UTC.getRules())) {
      return Optional.empty();
    }
    return Optional.ofNullable(
            TimeZoneRegistryFactory.getInstance().createRegistry().getTimeZone(zone.getId()))
        .map(net.fortuna.ical4j.model.TimeZone::getVTimeZone);
  }

  private static VEvent event(CalendarClass of, Instant written) {
    ZonedDateTime start = of.start();
    VEvent event =
        rules(start.getZone()).isPresent()
            ? new VEvent(start, Duration.ofMinutes(of.minutes()), clean(of.summary()))
            : new VEvent(start.toInstant(), Duration.ofMinutes(of.minutes()), clean(of.summary()));
    event.add(new Uid(of.uid()));
    event.replace(new DtStamp(written));
    event.add(new Sequence(of.revision()));
    event.add(new Status(of.cancelled() ? Status.VALUE_CANCELLED : Status.VALUE_CONFIRMED));
    if (!of.place().isEmpty()) {
      event.add(new Location(clean(of.place())));
    }
    if (!of.description().isEmpty()) {
      event.add(new Description(clean(of.description())));
    }
    return event;
  }

  /** Text without the signs that the standard keeps out of it. */
  private static String clean(String text) {
    return text.replaceAll("[\\p{Cntrl}&&[^\\n\\t]]", " ");
  }
}
