package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

/**
 * The examples of the contract are true: each call is made, and what it answers has what the
 * example has. With {@code -Dulna.contract.write=true} the answers are written down anew.
 */
public class ContractExamplesTest extends ServerTest {

  private static final Path FILE =
      Path.of("src/main/resources/ulnaawl/server/contract/examples.json");
  private static final int LONGEST = 160;
  private static final int DEEPEST = 4;
  private static final JsonMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  @Test
  public void everyExampleIsAnswered() throws IOException {
    Client oda = instructor();
    ArrayNode examples = (ArrayNode) MAPPER.readTree(Files.readString(FILE));
    List<String> wrong = new ArrayList<>();
    for (JsonNode example : examples) {
      String asked = example.get("asked").asString();
      Client.Answer answer =
          example.get("method").asString().equals("GET")
              ? oda.get(asked)
              : oda.post(asked, example.get("send").toString());
      assertEquals(answer.status() / 100, 2, asked + ": " + answer.raw().body());
      if (Boolean.getBoolean("ulna.contract.write")) {
        if (!answer.raw().body().isEmpty()) {
          ((ObjectNode) example).set("answer", cut(answer.body(), 0));
        }
      } else if (example.has("answer")) {
        compare(asked, example.get("answer"), answer.body(), wrong);
      }
    }
    assertEquals(String.join("\n", wrong), "");
    assertTrue(examples.size() >= 20);
    if (Boolean.getBoolean("ulna.contract.write")) {
      Files.writeString(FILE, MAPPER.writeValueAsString(examples) + "\n");
    }
  }

  /** The first of each list, the beginning of each text, and not too deep. */
  private static JsonNode cut(JsonNode answer, int depth) {
    if (answer.isObject()) {
      ObjectNode cut = MAPPER.createObjectNode();
      answer
          .propertyStream()
          .filter(it -> depth < DEEPEST || !it.getValue().isContainer())
          .forEach(it -> cut.set(it.getKey(), cut(it.getValue(), depth + 1)));
      return cut;
    }
    if (answer.isArray()) {
      ArrayNode cut = MAPPER.createArrayNode();
      if (!answer.isEmpty()) {
        cut.add(cut(answer.get(0), depth + 1));
      }
      return cut;
    }
    String text = answer.isString() ? answer.asString() : "";
    return text.length() > LONGEST
        ? StringNode.valueOf(text.substring(0, LONGEST - 1) + "…")
        : answer;
  }

  private static void compare(String place, JsonNode example, JsonNode answer, List<String> wrong) {
    if (example.getNodeType() != answer.getNodeType()) {
      wrong.add(place + " is " + answer.getNodeType() + " now, not " + example.getNodeType());
    } else if (example.isObject()) {
      example
          .propertyStream()
          .forEach(it -> {
            if (answer.has(it.getKey())) {
              compare(place + "." + it.getKey(), it.getValue(), answer.get(it.getKey()), wrong);
            } else {
              wrong.add(place + "." + it.getKey() + " is not there any more");
            }
          });
    } else if (example.isArray() && !example.isEmpty()) {
      if (answer.isEmpty()) {
        wrong.add(place + " is empty now");
      } else {
        compare(place + "[0]", example.get(0), answer.get(0), wrong);
      }
    }
  }
}
