package ulnaawl.server.platform;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * Settings of the product.
 *
 * @param data folder of the database
 * @param demo whether the invented club is loaded into an empty database
 * @param clockFrom when the clock of the server begins, for tests that live through days; the real
 *     moment where missing
 * @param clockTimes how many times as fast as the real one it then goes, from 1
 * @param setUpCode the code to set a new club up with, for tests; one by chance where missing
 * @param backups folder of the backups; one in the database's folder where missing
 * @param leastRoom room on the disk below which nothing is written any more
 * @param listen the address to listen on, once the club is set up; this machine alone where missing
 * @param proxies addresses of proxies in front, whose word on who asks is taken; none where missing
 * @param zone the zone of the club's clocks; that of this machine where missing
 * @param today a day to take for today, for pictures and tests; the real one where missing
 */
@ConfigurationProperties("ulna")
public record UlnaSettings(
    String data,
    boolean demo,
    @DefaultValue(LEAST_ROOM_MB + "MB") DataSize leastRoom,
    @DefaultValue(LOOPBACK) String listen,
    @DefaultValue List<String> proxies,
    @Nullable ZoneId zone,
    @Nullable LocalDate today,
    @Nullable LocalDateTime clockFrom,
    @DefaultValue("1") int clockTimes,
    @Nullable String setUpCode,
    @Nullable String backups) {

  /** What holds where nothing is set, for a club in that folder. */
  public static UlnaSettings of(String data) {
    return new UlnaSettings(
        data,
        false,
        DataSize.ofMegabytes(LEAST_ROOM_MB),
        LOOPBACK,
        List.of(),
        null,
        null,
        null,
        1,
        null,
        null);
  }

  private static final int LEAST_ROOM_MB = 32;
  private static final String LOOPBACK = "127.0.0.1";
}
