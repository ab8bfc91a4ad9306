package ulnaawl.server.clubfile;

import java.util.HashMap;
import java.util.Map;
import tools.jackson.databind.JsonNode;
import ulnaawl.formats.json.ListFile;
import ulnaawl.formats.json.Unreadable;

/**
 * What a club's file says of itself.
 *
 * @param format empty where it says nothing
 * @param tables which release's lists it has; 0 where it does not say
 * @param made when it was made, as it says
 */
record Head(String format, int tables, String made) {

  /** Reads it to its end: a file may be broken further down. */
  static Head of(byte[] file) throws Unreadable {
    Map<String, JsonNode> said = new HashMap<>();
    ListFile.read(
        file,
        new ListFile.Reader() {
          @Override
          public void value(String name, JsonNode value) {
            said.put(name, value);
          }

          @Override
          public void row(String list, int number, JsonNode row) {}
        });
    return of(said);
  }

  /** Whether it is a club's file of this program. */
  boolean isOurs() {
    return format.equals(ClubSchema.FORMAT);
  }

  /** By the values of a file that are no lists. */
  static Head of(Map<String, JsonNode> said) {
    return new Head(text(said, "format"), number(said), text(said, "made"));
  }

  private static String text(Map<String, JsonNode> said, String name) {
    JsonNode value = said.get(name);
    return value == null ? "" : value.asString("");
  }

  private static int number(Map<String, JsonNode> said) {
    JsonNode value = said.get("tables");
    return value == null ? 0 : value.asInt(0);
  }
}
