package ulnaawl.server.clubfile;

import java.io.OutputStream;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import ulnaawl.formats.json.Fault;
import ulnaawl.formats.json.RowSchema;
import ulnaawl.server.storage.Release;

/** Writes tables as a club's file of this release, each row held against the schema. */
@Component
@RequiredArgsConstructor
class ClubFileWriter {

  private final ClubSchema schema;
  private final JsonMapper mapper;

  /**
   * Writes a file.
   *
   * @param made when it was made, in universal time
   * @throws IllegalStateException where a row is none that the schema allows
   */
  void write(ClubFileStore store, String made, OutputStream out) {
    try (JsonGenerator json = mapper.createGenerator(out)) {
      json.writeStartObject();
      json.writeStringProperty("format", ClubSchema.FORMAT);
      json.writeNumberProperty("tables", Release.schema());
      json.writeStringProperty("made", made);
      for (ClubList list : store.lists()) {
        RowSchema form = new RowSchema(schema.form(list));
        json.writeArrayPropertyStart(list.name());
        store.rows(
            list,
            values -> {
              ObjectNode row = mapper.createObjectNode();
              Values.write(list, values, row);
              List<Fault> faults = form.faults(list.name(), row);
              if (!faults.isEmpty()) {
                throw new IllegalStateException("A club's file would be wrong: " + faults);
              }
              json.writeRaw('\n');
              json.writeTree(row);
            });
        json.writeEndArray();
      }
      json.writeEndObject();
    }
  }
}
