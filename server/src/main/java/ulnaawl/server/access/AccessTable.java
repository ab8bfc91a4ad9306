package ulnaawl.server.access;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.HttpMethod;
import org.springframework.http.server.PathContainer;
import org.springframework.web.util.pattern.PathPatternParser;

/** The line of every endpoint, read from {@code access.txt}. */
public final class AccessTable {

  private static final String FILE = "/ulnaawl/server/access/access.txt";
  private static final String EVERYBODY = "everybody";

  private final List<AccessLine> lines;

  private AccessTable(List<AccessLine> lines) {
    this.lines = List.copyOf(lines);
  }

  /** The table that is built in. */
  public static AccessTable read() {
    try (InputStream in =
        Objects.requireNonNull(AccessTable.class.getResourceAsStream(FILE), FILE)) {
      return parse(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Reads a table.
   *
   * @throws IllegalArgumentException with the line that is no line of a table
   */
  static AccessTable parse(String text) {
    return new AccessTable(
        text.lines()
            .map(String::strip)
            .filter(line -> !line.isEmpty() && !line.startsWith("#"))
            .map(AccessTable::line)
            // The one that fits most narrowly comes first.
            .sorted(Comparator.comparing(AccessLine::path))
            .toList());
  }

  private static AccessLine line(String text) {
    String[] words = text.split("\\s+");
    if (words.length != 4) {
      throw new IllegalArgumentException("No line of the table of access: " + text);
    }
    Set<Ability> needs =
        words[2].equals(EVERYBODY)
            ? Set.of()
            : Stream.of(words[2].split("\\+"))
                .map(it -> Ability.valueOf(constant(it)))
                .collect(Collectors.toUnmodifiableSet());
    return new AccessLine(
        HttpMethod.valueOf(words[0]),
        PathPatternParser.defaultInstance.parse(words[1]),
        needs,
        AccessLine.Whose.valueOf(constant(words[3])));
  }

  private static String constant(String word) {
    return word.toUpperCase(Locale.ROOT).replace('-', '_');
  }

  public List<AccessLine> lines() {
    return lines;
  }

  /** The line of a request; a question for the head of an answer is one for the answer. */
  Optional<AccessLine> of(String method, String path) {
    HttpMethod asked = method.equals("HEAD") ? HttpMethod.GET : HttpMethod.valueOf(method);
    PathContainer there = PathContainer.parsePath(path);
    return lines.stream()
        .filter(line -> line.method().equals(asked) && line.path().matches(there))
        .findFirst();
  }
}
