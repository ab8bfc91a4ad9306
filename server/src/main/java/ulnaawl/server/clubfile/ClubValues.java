package ulnaawl.server.clubfile;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import ulnaawl.text.DataFile;

/** What a value may be beyond what its table lets in, read from {@code club-values.txt}. */
final class ClubValues {

  private static final Pattern RANGE = Pattern.compile("^(\\d+) to (\\d+)$");
  private static final String DAYS = " days";
  private static final List<List<String>> ROWS = DataFile.rows(ClubValues.class, "club-values.txt");
  private static final Map<List<String>, Rule> RULES =
      ROWS.stream()
          .filter(row -> !row.get(2).endsWith(DAYS))
          .collect(Collectors.toUnmodifiableMap(row -> row.subList(0, 2), row -> rule(row.get(2))));
  private static final Map<String, Span> SPANS =
      ROWS.stream()
          .filter(row -> row.get(2).endsWith(DAYS))
          .collect(Collectors.toUnmodifiableMap(List::getFirst, ClubValues::span));

  private ClubValues() {}

  /** A rule that becomes part of a schema. */
  sealed interface Rule {
    void into(ObjectNode schema);
  }

  private record Range(long least, long most) implements Rule {
    @Override
    public void into(ObjectNode schema) {
      schema.put("minimum", least).put("maximum", most);
    }
  }

  private record Words(List<String> words) implements Rule {
    @Override
    public void into(ObjectNode schema) {
      words.forEach(schema.putArray("enum")::add);
    }
  }

  /** Days from a first to a last one; so many at the most. */
  record Span(String first, String last, int most) {

    /** Why a row has none; empty where it does, or has no such days. */
    Optional<String> whyNot(JsonNode row) {
      if (!row.path(first).isString() || !row.path(last).isString()) {
        return Optional.empty();
      }
      LocalDate from = LocalDate.parse(row.get(first).asString());
      LocalDate to = LocalDate.parse(row.get(last).asString());
      return to.isBefore(from) || ChronoUnit.DAYS.between(from, to) >= most
          ? Optional.of(first + " to " + last + " has to be 1 to " + most + " days")
          : Optional.empty();
    }
  }

  private static Span span(List<String> row) {
    String[] columns = row.get(1).split(" ");
    return new Span(
        columns[0], columns[1], Integer.parseInt(row.get(2).substring(0, row.get(2).indexOf(' '))));
  }

  private static Rule rule(String text) {
    Matcher range = RANGE.matcher(text);
    return range.matches()
        ? new Range(Long.parseLong(range.group(1)), Long.parseLong(range.group(2)))
        : new Words(words(text));
  }

  private static List<String> words(String type) {
    try {
      return Stream.of(Class.forName(type).getEnumConstants())
          .map(it -> ((Enum<?>) it).name())
          .toList();
    } catch (ClassNotFoundException e) {
      throw new IllegalStateException("No type with the words of a club's file: " + type, e);
    }
  }

  /** What a column of a list may be; empty where its table says all there is to say. */
  static Optional<Rule> of(String list, String column) {
    return Optional.ofNullable(RULES.get(List.of(list, column)));
  }

  /** From which day to which a row of a list goes. */
  static Optional<Span> span(String list) {
    return Optional.ofNullable(SPANS.get(list));
  }

  /** All that are named, by list and column. */
  static List<List<String>> named() {
    return List.copyOf(RULES.keySet());
  }
}
