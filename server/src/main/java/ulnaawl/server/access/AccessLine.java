package ulnaawl.server.access;

import java.util.Optional;
import org.springframework.http.HttpMethod;
import org.springframework.web.util.pattern.PathPattern;

/**
 * Who may call an endpoint.
 *
 * @param least the least role; empty where no account is needed
 * @param whose what is looked at besides the role
 */
public record AccessLine(HttpMethod method, PathPattern path, Optional<Role> least, Whose whose) {

  /** What is looked at besides the role, by the feature that knows it. */
  public enum Whose {
    /** Nothing: the role is enough. */
    ANYBODYS,
    /** A co-instructor only where they lead that class. */
    CLASS,
    /** A co-instructor only where they lead classes of that group. */
    GROUP,
    /** Only one's own; of some things an owner everybody's. */
    OWN,
    /** Whoever has the word of a link or the code of a screen. */
    WORD
  }

  /** As it is written in the table. */
  public String name() {
    return method.name() + " " + path.getPatternString();
  }
}
