package ulnaawl.server.access;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;
import ulnaawl.text.DataFile;

/** What each scope of a token opens, read from {@code tokens.txt}. */
public final class TokenScopes {

  private static final String NEVER = "never";
  private static final String ANY = "*";

  private record Opened(TokenScope scope, Set<String> methods, PathPattern path) {}

  private final List<PathPattern> never = new ArrayList<>();
  private final List<Opened> opened = new ArrayList<>();

  private TokenScopes() {}

  /** The table that is built in. */
  public static TokenScopes read() {
    TokenScopes scopes = new TokenScopes();
    for (List<String> row : DataFile.rows(TokenScopes.class, "tokens.txt")) {
      PathPattern path = PathPatternParser.defaultInstance.parse(row.get(2));
      if (row.getFirst().equals(NEVER)) {
        if (!row.get(1).equals(ANY)) {
          throw new IllegalArgumentException("What is never opened is opened to no method: " + row);
        }
        scopes.never.add(path);
      } else {
        scopes.opened.add(
            new Opened(
                TokenScope.valueOf(row.getFirst().toUpperCase(Locale.ROOT)),
                Set.of(row.get(1).split(" ")),
                path));
      }
    }
    return scopes;
  }

  /** Whether a token of a scope may be used for a request at all. */
  public boolean allow(TokenScope scope, String method, String path) {
    String asked = method.equals("HEAD") ? "GET" : method;
    PathContainer there = PathContainer.parsePath(path);
    return never.stream().noneMatch(it -> it.matches(there))
        && opened.stream()
            .anyMatch(it ->
                it.scope().compareTo(scope) <= 0
                    && it.methods().contains(asked)
                    && it.path().matches(there));
  }
}
