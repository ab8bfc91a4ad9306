package ulnaawl.server;

import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/**
 * An endpoint as the server's contract has it.
 *
 * @param method in capitals
 * @param path with names in braces where something is to be put in
 * @param operation what the contract says of it
 */
record Endpoint(String method, String path, JsonNode operation) {

  /** All of them, in the contract's order. */
  static List<Endpoint> of(JsonNode contract) {
    return contract
        .get("paths")
        .propertyStream()
        .flatMap(path ->
            path.getValue()
                .propertyStream()
                .map(method ->
                    new Endpoint(
                        method.getKey().toUpperCase(Locale.ROOT),
                        path.getKey(),
                        method.getValue())))
        .toList();
  }

  /** What it is called by: {@code GET /api/dances/{id}}. */
  String name() {
    return method + " " + path;
  }
}
