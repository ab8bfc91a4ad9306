package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static ulnaawl.server.HarmedClubFile.row;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A club's file that an earlier release wrote, the first that wrote any: its demo club. */
public class EarlierClubFileTest {

  private static final JsonMapper MAPPER = JsonMapper.shared();
  private static final String OWN = "arrives-by-ferry";

  private static ObjectNode file() {
    String name = "/releases/club-file-23.json.gz";
    try (InputStream packed =
            Objects.requireNonNull(EarlierClubFileTest.class.getResourceAsStream(name), name);
        InputStream file = new GZIPInputStream(packed)) {
      return (ObjectNode) MAPPER.readTree(file);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  @Test
  public void itIsBroughtUpToDateAndNothingIsLost() {
    ObjectNode then = file();
    byte[] bytes = MAPPER.writeValueAsBytes(then);
    Installation.fresh()
        .open(port -> {
          Client oda = Installation.setUp(port, "Oda Marsh", OWN);
          JsonNode look = oda.postBytes("/api/club/file/look", bytes).body();
          assertEquals(look.get("faults").size(), 0, look.toString());
          assertTrue(look.get("earlier").asBoolean());
          assertEquals(look.get("made"), then.get("made"));
          assertEquals(oda.postBytes("/api/club/file", bytes).status(), 204);

          Client there = Client.signedIn(port, "Oda Marsh", OWN);
          JsonNode now = MAPPER.readTree(there.bytes("/api/club/file"));
          assertTrue(now.get("tables").asInt() > then.get("tables").asInt());
          assertEquals(now.get("imports").size(), 0, "a list that there was not");
          for (String list : then.propertyNames()) {
            if (then.get(list).isArray()) {
              assertEquals(
                  rows(now, list, then.get(list).size()),
                  rows(then, list, then.get(list).size()),
                  list);
            }
          }
          assertEquals(there.get("/api/dances").body().size(), then.get("dances").size());
          assertEquals(there.get("/api/history/DANCE/1").status(), 200);
          JsonNode again = MAPPER.readTree(there.bytes("/api/club/file"));
          Installation.fresh()
              .open(elsewhere -> {
                Client other = Installation.setUp(elsewhere, "Oda Marsh", OWN);
                JsonNode second =
                    other.postBytes("/api/club/file/look", MAPPER.writeValueAsBytes(again)).body();
                assertFalse(second.get("earlier").asBoolean(), "it goes on as one of now");
                assertEquals(second.get("faults").size(), 0, second.toString());
              });
        });
  }

  /** As many rows as there were, without who was seen when, and as release 23 said who did what. */
  private static ArrayNode rows(JsonNode file, String list, int most) {
    ArrayNode rows = (ArrayNode) file.get(list).deepCopy();
    while (rows.size() > most) {
      rows.remove(rows.size() - 1);
    }
    Map<Long, String> names = new HashMap<>();
    file.get("people")
        .forEach(it -> names.put(it.get("id").asLong(), it.path("name").asString("")));
    rows.forEach(it -> byName((ObjectNode) it, names));
    return rows;
  }

  private static void byName(ObjectNode row, Map<Long, String> names) {
    row.remove(List.of("lastSeen", "forgotten"));
    if (row.has("byPerson")) {
      row.set("byName", row.remove("byPerson"));
    }
    for (String column : List.copyOf(row.propertyNames())) {
      boolean who = column.endsWith("By") || column.equals("byName") || column.equals("asked");
      if (who && row.get(column).isNumber()) {
        row.put(column, names.get(row.get(column).asLong()));
      }
    }
    if (row.path("thing").asString("").equals("PERSON")
        && row.get("subject").asString().isEmpty()) {
      row.put("subject", names.get(row.get("thingId").asLong()));
    }
  }

  @Test
  public void whatIsWrongWithItIsToldWhere() {
    Installation.fresh()
        .open(port -> {
          Client oda = Installation.setUp(port, "Oda Marsh", OWN);
          HarmedClubFile harmed = new HarmedClubFile(oda, file());
          harmed.said(it -> row(it, "dances", 2).put("steps", "x"), "dances, row 3");
          harmed.said(it -> row(it, "groups", 0).put("level", 7), "groups, row 1");
          harmed.said(
              it -> row(it, "classes", 0).put("groupId", 99),
              "classes, row 1\",\"what\":\"it refers to something");
          harmed.said(it -> row(it, "groups", 1).put("level", "HEROIC"), "groups, row 2, level");
          harmed.said(it -> it.putArray("imports").addObject().put("id", 1), "imports");
          harmed.said(it -> it.put("tables", 22), "no release of this program");
          harmed.said(it -> it.put("tables", 900), "a later release");
          harmed.said(it -> it.put("format", "song list"), "no club's file");
          assertTrue(oda.get("/api/club").body().get("empty").asBoolean(), "nothing has come");
        });
  }
}
