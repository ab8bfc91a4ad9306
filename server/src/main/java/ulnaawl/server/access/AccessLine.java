package ulnaawl.server.access;

import java.util.Set;
import org.springframework.http.HttpMethod;
import org.springframework.web.util.pattern.PathPattern;

/**
 * Who may call an endpoint.
 *
 * @param needs all the abilities that it takes; empty where no account is needed
 * @param whose what is looked at besides
 */
public record AccessLine(HttpMethod method, PathPattern path, Set<Ability> needs, Whose whose) {

  public AccessLine {
    needs = Set.copyOf(needs);
  }

  /** What is looked at besides the abilities, by the feature that knows it. */
  public enum Whose {
    /** Nothing: the ability is enough. */
    ANYBODYS,
    /** Only where they lead that class, or may do so in every class. */
    CLASS,
    /** Only where they lead classes of that group, or may do so in every class. */
    GROUP,
    /** Only one's own; of some things an owner everybody's. */
    OWN,
    /** Whoever has the word of a link or the code of a screen. */
    WORD
  }

  /** Whether nobody has to sign in for it. */
  public boolean isForEverybody() {
    return needs.isEmpty();
  }

  /** Whether a role has what it takes. */
  public boolean lets(Role role) {
    return role.abilities().containsAll(needs);
  }

  /** As it is written in the table. */
  public String name() {
    return method.name() + " " + path.getPatternString();
  }
}
