package ulnaawl.server.platform;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The day and the moment, as everything here reads them. */
@Component
public class Today {

  private final Clock clock;
  private final Optional<LocalDate> fixed;

  /** The real day and moment, unless the settings fix another day or hurry the clock. */
  public Today(UlnaSettings settings) {
    Clock real =
        Clock.system(Optional.ofNullable(settings.zone()).orElseGet(ZoneId::systemDefault));
    this.clock =
        settings.clockFrom() == null
            ? real
            : HurriedClock.from(settings.clockFrom(), settings.clockTimes(), real);
    this.fixed = Optional.ofNullable(settings.today());
  }

  /** The zone of the club's clocks. */
  public ZoneId zone() {
    return clock.getZone();
  }

  /** Today's date where the club is. */
  public LocalDate date() {
    return fixed.orElseGet(() -> LocalDate.now(clock));
  }

  /** This moment in universal time, for the columns that say when something was written. */
  public LocalDateTime moment() {
    return LocalDateTime.ofInstant(Instant.now(clock), ZoneOffset.UTC);
  }
}
