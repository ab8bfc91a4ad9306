package ulnaawl.server.platform;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** The day and the moment, as everything here reads them. */
@Component
public class Today {

  private final Clock clock = Clock.system(java.time.ZoneId.systemDefault());
  private final Optional<LocalDate> fixed;

  /** The real day, unless the settings fix another one. */
  public Today(UlnaSettings settings) {
    this.fixed = Optional.ofNullable(settings.today());
  }

  /** Today's date where the server stands. */
  public LocalDate date() {
    return fixed.orElseGet(() -> LocalDate.now(clock));
  }

  /** This moment in universal time, for the columns that say when something was written. */
  public LocalDateTime moment() {
    return LocalDateTime.ofInstant(Instant.now(clock), ZoneOffset.UTC);
  }
}
