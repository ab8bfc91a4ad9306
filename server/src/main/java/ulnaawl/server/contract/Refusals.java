package ulnaawl.server.contract;

import io.swagger.v3.oas.models.Components;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import ulnaawl.server.access.AccessLine;
import ulnaawl.server.access.AccessTable;

/** Says of each call how it can be refused; every refusal is a problem (RFC 9457) in words. */
@Configuration
class Refusals {

  private static final String FILE = "/ulnaawl/server/contract/refusals.txt";
  private static final String PROBLEM = "ProblemInWords";
  private static final Set<PathItem.HttpMethod> CHANGES =
      EnumSet.of(PathItem.HttpMethod.POST, PathItem.HttpMethod.PUT, PathItem.HttpMethod.DELETE);

  /** Which calls a refusal belongs to. */
  private enum When {
    ANY,
    ACCOUNT,
    THING,
    BODY,
    CHANGE
  }

  /** A line of the table. */
  private record Refusal(String status, String name, When when, String words) {

    static Refusal of(String line) {
      List<String> cells = Arrays.stream(line.split("\\|", 4)).map(String::strip).toList();
      return new Refusal(
          cells.get(0),
          cells.get(1),
          When.valueOf(cells.get(2).toUpperCase(Locale.ROOT)),
          cells.get(3));
    }
  }

  @Bean
  OpenApiCustomizer refusalsOfEachCall() {
    List<Refusal> table = table();
    Set<String> open =
        AccessTable.read().lines().stream()
            .filter(it -> it.isForEverybody())
            .map(AccessLine::name)
            .collect(Collectors.toSet());
    return api -> {
      declare(api, table);
      api.getPaths()
          .forEach((path, item) ->
              item.readOperationsMap()
                  .forEach((method, call) ->
                      table.stream()
                          .filter(it -> belongs(it.when(), path, method, call, open))
                          .forEach(it ->
                              call.getResponses()
                                  .addApiResponse(
                                      it.status(),
                                      new ApiResponse()
                                          .$ref("#/components/responses/" + it.name())))));
    };
  }

  private static boolean belongs(
      When when, String path, PathItem.HttpMethod method, Operation call, Set<String> open) {
    return switch (when) {
      case ANY -> true;
      case ACCOUNT -> !open.contains(method + " " + path);
      case THING -> path.contains("{");
      case BODY -> call.getRequestBody() != null;
      case CHANGE -> CHANGES.contains(method);
    };
  }

  private static void declare(OpenAPI api, List<Refusal> table) {
    Components components = api.getComponents();
    components.addSchemas(PROBLEM, problem());
    table.forEach(it ->
        components.addResponses(
            it.name(),
            new ApiResponse()
                .description(it.words())
                .content(
                    new Content()
                        .addMediaType(
                            "application/problem+json",
                            new MediaType()
                                .schema(new Schema<>().$ref("#/components/schemas/" + PROBLEM))))));
  }

  private static Schema<?> problem() {
    ObjectSchema schema = new ObjectSchema();
    schema.setDescription("Why something was not done, for the person who asked (RFC 9457).");
    schema.setProperties(
        new TreeMap<>(
            Map.of(
                "status", new IntegerSchema(),
                "title", new StringSchema(),
                "detail", new StringSchema(),
                "instance", new StringSchema())));
    schema.setRequired(List.of("status", "detail"));
    return schema;
  }

  private static List<Refusal> table() {
    try (InputStream in = Objects.requireNonNull(Refusals.class.getResourceAsStream(FILE), FILE)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.isBlank() && !line.startsWith("#"))
          .map(Refusal::of)
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
