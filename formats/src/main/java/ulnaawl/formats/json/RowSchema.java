package ulnaawl.formats.json;

import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import tools.jackson.databind.JsonNode;

/** What a row, or a whole file, must look like: a JSON Schema, 2020-12, formats included. */
public final class RowSchema {

  private final Schema schema;

  public RowSchema(JsonNode schema) {
    this.schema =
        SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12).getSchema(schema);
  }

  /**
   * What is wrong with a row.
   *
   * @param place where the row is, in words
   */
  public List<Fault> faults(String place, JsonNode row) {
    return schema
        .validate(row, it -> it.executionConfig(config -> config.formatAssertionsEnabled(true)))
        .stream()
        .map(it -> new Fault(place + path(it), it.getMessage()))
        .toList();
  }

  private static String path(Error error) {
    return IntStream.range(0, error.getInstanceLocation().getNameCount())
        .mapToObj(it -> ", " + error.getInstanceLocation().getElement(it))
        .collect(Collectors.joining());
  }
}
