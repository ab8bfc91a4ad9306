package ulnaawl.server.contract;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Objects;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Examples of the contract: calls of the demo club and what it answered, cut short. A test makes
 * each of them and holds the example to what comes.
 */
@Configuration
class Examples {

  static final String FILE = "/ulnaawl/server/contract/examples.json";

  @Bean
  OpenApiCustomizer examplesOfCalls() {
    JsonNode examples = read();
    return api -> examples.forEach(it -> put(api, it));
  }

  private static JsonNode read() {
    try (InputStream in = Objects.requireNonNull(Examples.class.getResourceAsStream(FILE), FILE)) {
      return new JsonMapper().readTree(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void put(OpenAPI api, JsonNode example) {
    PathItem item = api.getPaths().get(example.get("path").asString());
    PathItem.HttpMethod method =
        PathItem.HttpMethod.valueOf(example.get("method").asString().toUpperCase(Locale.ROOT));
    Operation call = item == null ? null : item.readOperationsMap().get(method);
    if (call == null) {
      throw new IllegalStateException("An example of no call: " + example.get("path"));
    }
    call.setSummary(example.get("says").asString());
    if (example.has("send")) {
      call.getRequestBody().getContent().values().forEach(it -> it.setExample(example.get("send")));
    }
    if (example.has("answer")) {
      call.getResponses()
          .forEach((status, response) -> {
            if (status.startsWith("2") && response.getContent() != null) {
              response.getContent().values().forEach(it -> it.setExample(example.get("answer")));
            }
          });
    }
  }
}
