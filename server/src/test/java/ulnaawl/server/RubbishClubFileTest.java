package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A club's file with rubbish in one field of one row: it is refused with its row, or it is a club
 * in which every address answers.
 */
@DirtiesContext
public class RubbishClubFileTest extends ServerTest {

  private static final int FILES =
      Integer.getInteger("ulna.rubbish", Boolean.getBoolean("ulna.long") ? 400 : 10);
  private static final long SEED = Long.getLong("ulna.fuzz.seed", 11);
  private static final String OWN = "arrives-by-ferry";
  private static final int MOST_OF_KIND = 3;

  private static final List<Object> NUMBERS =
      List.of(0L, -1L, 1L, 2L, 7L, 99L, 100_000L, 2_147_483_647L, 2_147_483_648L, 1L << 52);
  private static final List<Object> TEXTS =
      List.of(
          "",
          " ",
          "-1",
          "null",
          "x",
          "99:99",
          "2026-11-24",
          "HEROIC",
          "BEGINNER",
          "{}",
          "[]",
          "[1]",
          "{\"a\":1}",
          "title: x",
          "x".repeat(60),
          "x".repeat(4_000),
          "\u0130",
          "1/2 R",
          "\n\n");
  private static final List<Object> DAYS =
      List.of("1990-01-01", "2036-11-24", "2026-11-24", "2026-02-29", "1989-12-31");
  private static final List<Object> TIMES =
      List.of("00:00", "23:59:59.999999999", "19:00", "24:00");
  private static final List<Object> MOMENTS =
      List.of("1990-01-01T00:00", "2036-11-24T23:59:59", "2026-11-24T19:00");

  @Test
  public void whatIsTakenAnswersEverywhere() {
    ObjectNode file =
        (ObjectNode) JsonMapper.shared().readTree(instructor().bytes("/api/club/file"));
    JsonNode contract = instructor().get("/api/openapi").body();
    JsonNode schema = viewer().get("/api/club/schema").body();
    List<String> lists = new ArrayList<>();
    file.propertyStream()
        .filter(it -> it.getValue().isArray() && !it.getValue().isEmpty())
        .forEach(it -> lists.add(it.getKey()));
    Random random = new Random(SEED);
    List<String> wrong = new ArrayList<>();
    int[] taken = new int[1];
    Installation.fresh()
        .openApp(app -> {
          int port =
              Integer.parseInt(app.getEnvironment().getRequiredProperty("local.server.port"));
          Client ada = Installation.setUp(port, "Oda Marsh", OWN);
          KeptClub empty = KeptClub.of(app);
          for (int i = 0; i < FILES; i++) {
            ObjectNode harmed = file.deepCopy();
            String harm = harm(harmed, schema, lists.get(random.nextInt(lists.size())), random);
            byte[] bytes = JsonMapper.shared().writeValueAsBytes(harmed);
            Client.Answer answer = ada.postBytes("/api/club/file", bytes);
            if (answer.status() == 422) {
              if (!answer.detail().contains(": ")) {
                wrong.add(harm + " is refused without its place: " + answer.detail());
              }
              continue;
            }
            if (answer.status() != 204) {
              wrong.add(harm + " is answered " + answer.status() + " " + answer.detail());
              continue;
            }
            taken[0]++;
            Client there = Client.signedIn(port, "Oda Marsh", OWN);
            List<String> failed = failing(there, harmed, contract);
            if (!failed.isEmpty()) {
              wrong.add(harm + ": " + failed.size() + " fail, as " + failed.getFirst());
            }
            there.delete("/api/session");
            empty.signOutAndPutBack();
            ada = Client.signedIn(port, "Oda Marsh", OWN);
          }
        });
    assertEquals(String.join("\n", wrong), "");
    assertTrue(taken[0] > FILES / 20, taken[0] + " of " + FILES + " are taken");
  }

  private static String harm(ObjectNode file, JsonNode schema, String list, Random random) {
    ArrayNode rows = (ArrayNode) file.get(list);
    int index = random.nextInt(rows.size());
    ObjectNode row = (ObjectNode) rows.get(index);
    JsonNode columns = schema.at("/$defs/" + list + "/properties");
    List<String> names = new ArrayList<>();
    columns.propertyNames().forEach(names::add);
    String name = names.get(random.nextInt(names.size()));
    JsonNode column = columns.get(name);
    Object value = pick(values(column), random);
    switch (value) {
      case Long number -> row.put(name, number);
      case Boolean truth -> row.put(name, truth);
      default -> row.put(name, String.valueOf(value));
    }
    String shown = String.valueOf(value);
    return list
        + " "
        + (index + 1)
        + " "
        + name
        + "="
        + shown.substring(0, Math.min(40, shown.length()));
  }

  private static List<Object> values(JsonNode column) {
    if (column.path("type").asString().equals("integer")) {
      return NUMBERS;
    }
    if (column.path("type").asString().equals("boolean")) {
      return List.of(true, false);
    }
    if (column.path("format").asString("").equals("date")) {
      return DAYS;
    }
    String pattern = column.path("pattern").asString("");
    return pattern.isEmpty() ? TEXTS : pattern.contains("T") ? MOMENTS : TIMES;
  }

  private static Object pick(List<Object> values, Random random) {
    return values.get(random.nextInt(values.size()));
  }

  /** Every address that is asked for, with the numbers that there are. */
  private static List<String> failing(Client there, ObjectNode file, JsonNode contract) {
    List<String> failed = new ArrayList<>();
    for (Endpoint endpoint : Endpoint.of(contract)) {
      if (!endpoint.method().equals("GET") || endpoint.path().endsWith("/events")) {
        continue;
      }
      for (String id : numbers(file, endpoint.path())) {
        String path =
            endpoint
                .path()
                .replace("{kind}", "DANCE")
                .replace("{table}", "SONGS")
                .replaceAll("\\{\\w+}", id);
        boolean wantsGroup =
            endpoint.operation().path("parameters").toString().contains("\"group\"");
        path += wantsGroup ? "?group=1" + (path.endsWith("/teach") ? "&minutes=20" : "") : "";
        Client.Answer answer = there.get(path);
        if (answer.status() >= 500) {
          failed.add(path + " " + answer.status());
        }
      }
    }
    return failed;
  }

  private static final Map<String, String> LISTS =
      Map.of(
          "/api/dances/", "dances",
          "/api/groups/", "groups",
          "/api/classes/", "classes",
          "/api/terms/", "terms",
          "/api/socials/", "socials",
          "/api/songs/", "songs");

  private static List<String> numbers(ObjectNode file, String path) {
    return LISTS.entrySet().stream()
        .filter(it -> path.startsWith(it.getKey()) && path.contains("{"))
        .findFirst()
        .map(it ->
            file.get(it.getValue())
                .valueStream()
                .map(row -> row.path("id").asString())
                .limit(MOST_OF_KIND)
                .toList())
        .orElse(List.of("1"));
  }
}
