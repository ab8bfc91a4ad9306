package ulnaawl.server.platform;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;

/**
 * H2 closes a database that it could not write to; a new connection opens it again. So those that
 * saw it happen are thrown away (H2 itself still takes them for valid ones).
 */
public final class ClosedDatabase implements SQLExceptionOverride {

  /** H2's numbers: a general error (a failed write among them), input or output, closed. */
  private static final Set<Integer> CODES = Set.of(50000, 90028, 90031, 90098);

  @java.lang.Override
  public Override adjudicate(SQLException seen) {
    return isSo(seen) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
  }

  static boolean isSo(SQLException seen) {
    return CODES.contains(seen.getErrorCode());
  }
}
