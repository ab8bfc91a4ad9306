package ulnaawl.server.sample;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How a server is an invented club.
 *
 * @param password with which everybody in it signs in
 * @param beside whether another server has started it, and it ends with that one
 * @param idle after how long without a question it ends, where it is beside another
 */
@ConfigurationProperties("ulna.sample")
public record SampleSettings(
    @DefaultValue("lantern-light") String password,
    boolean beside,
    @DefaultValue("1h") Duration idle) {}
