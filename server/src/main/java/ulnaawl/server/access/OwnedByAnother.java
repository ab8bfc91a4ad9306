package ulnaawl.server.access;

import org.springframework.security.access.AccessDeniedException;

/** Somebody's role would do, but the thing is another one's; said in words, with what would do. */
public final class OwnedByAnother extends AccessDeniedException {

  public OwnedByAnother(String message) {
    super(message);
  }
}
