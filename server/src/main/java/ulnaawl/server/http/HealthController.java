package ulnaawl.server.http;

import io.swagger.v3.oas.annotations.Hidden;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import lombok.RequiredArgsConstructor;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.platform.RoomOnDisk;

/** Says to whoever watches the server whether it can work; nothing of the club. */
@RestController
@Hidden
@RequiredArgsConstructor
class HealthController {

  private static final int PATIENCE_SECONDS = 2;

  private final DataSource connections;
  private final RoomOnDisk room;

  /** How the server is. */
  enum State {
    /** All is well. */
    UP,
    /** There is no room on the disk: it can be read, not written. */
    FULL,
    /** The database does not answer. */
    DOWN
  }

  /** The answer: 200 where all is well, else 503. */
  record Health(State status) {}

  @GetMapping("/health")
  ResponseEntity<Health> health() {
    State state = state();
    return ResponseEntity.status(state == State.UP ? HttpStatus.OK : HttpStatus.SERVICE_UNAVAILABLE)
        .cacheControl(CacheControl.noStore())
        .body(new Health(state));
  }

  private State state() {
    try (Connection connection = connections.getConnection()) {
      if (!connection.isValid(PATIENCE_SECONDS)) {
        return State.DOWN;
      }
      return room.isLeft() ? State.UP : State.FULL;
    } catch (SQLException e) {
      return State.DOWN;
    }
  }
}
