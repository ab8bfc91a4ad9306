package ulnaawl.server.history;

import java.util.Map;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;
import ulnaawl.server.platform.NameReplaced;

/**
 * Another name in what the log kept of a thing: values that are the name, never a part of the text
 * around them. Somebody who is called "," stands between any two words of it.
 */
final class NameInContent {

  private static final JsonMapper MAPPER = new JsonMapper();

  private NameInContent() {}

  static String replaced(String content, NameReplaced name) {
    try {
      return MAPPER.writeValueAsString(replaced(MAPPER.readTree(content), name));
    } catch (JacksonException plain) {
      // Text of an earlier release that is no list of values: no name can be told in it.
      return content;
    }
  }

  private static JsonNode replaced(JsonNode node, NameReplaced name) {
    if (node.isString() && node.asString().equals(name.from())) {
      return JsonNodeFactory.instance.stringNode(name.to());
    }
    if (node instanceof ObjectNode object) {
      ObjectNode copy = MAPPER.createObjectNode();
      for (Map.Entry<String, JsonNode> property : object.properties()) {
        copy.set(property.getKey(), replaced(property.getValue(), name));
      }
      return copy;
    }
    if (node instanceof ArrayNode array) {
      ArrayNode copy = MAPPER.createArrayNode();
      array.forEach(it -> copy.add(replaced(it, name)));
      return copy;
    }
    return node;
  }
}
