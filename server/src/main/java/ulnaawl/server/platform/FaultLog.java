package ulnaawl.server.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Writes what went wrong into the log: the whole of it once an hour for each kind, then a line, so
 * that a fault which comes back a thousand times does not fill the disk.
 */
@Component
class FaultLog {

  private static final Logger LOG = LoggerFactory.getLogger(FaultLog.class);
  private static final Duration WHOLE_EVERY = Duration.ofHours(1);
  private static final Duration LINE_EVERY = Duration.ofSeconds(10);
  private static final int MOST_KINDS = 200;

  /** The exceptions from the outermost to its last cause, and where that one was made. */
  private record Kind(List<Class<?>> chain, List<StackTraceElement> place) {
    static Kind of(Throwable fault) {
      List<Throwable> all =
          Stream.<Throwable>iterate(fault, it -> it != null, Throwable::getCause)
              .limit(20)
              .toList();
      return new Kind(
          all.stream().<Class<?>>map(Throwable::getClass).toList(),
          Stream.of(all.getLast().getStackTrace()).limit(1).toList());
    }
  }

  private final Cache<Kind, Boolean> whole = remembered(WHOLE_EVERY);
  private final Cache<Kind, Boolean> line = remembered(LINE_EVERY);

  private static Cache<Kind, Boolean> remembered(Duration how) {
    return Caffeine.newBuilder().expireAfterWrite(how).maximumSize(MOST_KINDS).build();
  }

  /** Writes it down, if it has not been just now. */
  void write(String what, Throwable fault) {
    Kind kind = Kind.of(fault);
    if (isNew(whole, kind)) {
      line.put(kind, true);
      LOG.error(what, fault);
    } else if (isNew(line, kind)) {
      LOG.error("{}, as before: {}", what, fault.getClass().getSimpleName());
    }
  }

  private static boolean isNew(Cache<Kind, Boolean> seen, Kind kind) {
    return seen.asMap().putIfAbsent(kind, true) == null;
  }
}
