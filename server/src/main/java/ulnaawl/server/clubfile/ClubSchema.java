package ulnaawl.server.clubfile;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import ulnaawl.server.clubfile.ClubList.Column;
import ulnaawl.server.storage.Release;

/** What a club's file looks like, as a JSON Schema (2020-12). */
@Component
class ClubSchema {

  static final String DIALECT = "https://json-schema.org/draft/2020-12/schema";

  /** What every file says of itself. */
  static final String FORMAT = "ulna-awl-club";

  /** What every reader of JSON takes for the same number (RFC 8259, section 6). */
  private static final long GREATEST = (1L << 53) - 1;

  private static final String NUMBER_OF_ROW = "id";

  private static final String TIME = "([01]\\d|2[0-3]):[0-5]\\d(:[0-5]\\d(\\.\\d{1,9})?)?";
  private static final String DAY = "\\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])";

  /** A point in time as files say it. */
  static final String MOMENT = "^" + DAY + "T" + TIME + "$";

  private final JsonMapper mapper;
  private final List<ClubList> lists;

  ClubSchema(ClubFileStore store, JsonMapper mapper) {
    this.mapper = mapper;
    this.lists = store.lists();
    Map<String, ClubList> byName = ClubList.byName(lists);
    for (List<String> named : ClubValues.named()) {
      ClubList list = byName.get(named.getFirst());
      if (list == null || list.columns().stream().noneMatch(it -> it.name().equals(named.get(1)))) {
        throw new IllegalStateException("No column of a club's file: " + named);
      }
    }
  }

  /** The schema of a whole file. */
  ObjectNode whole() {
    ObjectNode schema = mapper.createObjectNode();
    schema.put("$schema", DIALECT);
    schema.put("title", "A club's file of Ulna Awl");
    schema.put(
        "description",
        "All that a club has, but passwords and links. Numbers hold within the file. Moments are in"
            + " universal time. What is not there is left out.");
    schema.put("type", "object");
    ObjectNode properties = schema.putObject("properties");
    properties.putObject("format").put("const", FORMAT);
    properties
        .putObject("tables")
        .put("description", "which release's lists these are")
        .put("const", Release.schema());
    properties.putObject("made").put("type", "string").put("pattern", MOMENT);
    ObjectNode rows = mapper.createObjectNode();
    for (ClubList list : lists) {
      ObjectNode of = properties.putObject(list.name());
      of.put("type", "array");
      of.putObject("items").put("$ref", "#/$defs/" + list.name());
      rows.set(list.name(), row(list));
    }
    ArrayNode required = schema.putArray("required");
    properties.propertyNames().forEach(required::add);
    schema.put("additionalProperties", false);
    schema.set("$defs", rows);
    return schema;
  }

  /** The schema of a row of a list, as it is taken in. */
  ObjectNode row(ClubList list) {
    ObjectNode schema = form(list);
    for (Column column : list.columns()) {
      ObjectNode value = schema.withObjectProperty("properties").withObjectProperty(column.name());
      if (column.kind() == ClubList.Kind.NUMBER && column.name().equals(NUMBER_OF_ROW)) {
        value.put("minimum", 1);
      }
      ClubValues.of(list.name(), column.name()).ifPresent(rule -> rule.into(value));
    }
    return schema;
  }

  /**
   * What its table lets in: a club that has something else from long ago still leaves as a file.
   */
  ObjectNode form(ClubList list) {
    ObjectNode schema = mapper.createObjectNode();
    schema.put("description", list.about());
    schema.put("type", "object");
    ObjectNode properties = schema.putObject("properties");
    ArrayNode required = schema.putArray("required");
    for (Column column : list.columns()) {
      value(properties.putObject(column.name()), column);
      if (column.wanted()) {
        required.add(column.name());
      }
    }
    schema.put("additionalProperties", false);
    return schema;
  }

  private static void value(ObjectNode schema, Column column) {
    switch (column.kind()) {
      case NUMBER ->
          schema.put("type", "integer").put("minimum", -GREATEST).put("maximum", GREATEST);
      case TRUTH -> schema.put("type", "boolean");
      case TEXT -> {
        schema.put("type", "string");
        if (column.most() > 0) {
          schema.put("maxLength", column.most());
        }
      }
      case DAY -> schema.put("type", "string").put("format", "date");
      case TIME -> schema.put("type", "string").put("pattern", "^" + TIME + "$");
      case MOMENT -> schema.put("type", "string").put("pattern", MOMENT);
    }
  }
}
