package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static ulnaawl.server.HarmedClubFile.row;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import ulnaawl.formats.json.RowSchema;
import ulnaawl.text.DataFile;

/** A club leaves as one file and arrives equal elsewhere; what is no such file does no harm. */
public class ClubFileTest extends ServerTest {

  private static final Path SCHEMA = Path.of("../docs/club.schema.json");
  private static final String OWN = "arrives-by-ferry";
  private static final JsonMapper MAPPER = JsonMapper.shared();

  @Autowired private DSLContext database;

  private ObjectNode file() {
    Client oda = instructor();
    return (ObjectNode) MAPPER.readTree(oda.bytes("/api/club/file"));
  }

  private static byte[] bytes(JsonNode file) {
    return MAPPER.writeValueAsBytes(file);
  }

  /**
   * Without what a visit leaves behind: when it was made, who was seen, and new lines of the log.
   */
  private static ObjectNode plain(ObjectNode file, int logLines) {
    ObjectNode plain = file.deepCopy();
    plain.remove("made");
    plain.get("people").forEach(it -> ((ObjectNode) it).remove("lastSeen"));
    ArrayNode log = (ArrayNode) plain.get("log");
    while (log.size() > logLines) {
      log.remove(log.size() - 1);
    }
    return plain;
  }

  @Test
  public void aClubArrivesEqualElsewhere() {
    Client own = instructor();
    Client.Answer word =
        own.put("/api/figures/vine/word", Client.json("{'word':'grapevine','before':'vine'}"));
    assertEquals(word.status() / 100, 2, word.raw().body());
    ok(
        own.post(
            "/api/roles",
            Client.json("{'name':'Treasurer','abilities':['HEADS','CALENDAR'],'version':0}")));
    ObjectNode file = file();
    assertTrue(file.get("dances").size() > 15 && file.get("record").size() > 50, "it has a club");
    Installation.fresh()
        .open(port -> {
          Client oda = Installation.setUp(port, "Oda Marsh", OWN);
          assertTrue(oda.get("/api/club").body().get("empty").asBoolean());
          assertTrue(oda.get("/api/figures").body().size() > 100, "it knows its own words by now");
          Client.Answer look = oda.postBytes("/api/club/file/look", bytes(file));
          assertEquals(look.status(), 200, look.raw().body());
          assertEquals(look.body().get("faults").size(), 0, look.raw().body());
          assertEquals(look.body().get("owners").get(0).asString(), "Oda Marsh");
          assertTrue(oda.get("/api/club").body().get("empty").asBoolean(), "only looked at");
          assertEquals(oda.postBytes("/api/club/file", bytes(file)).status(), 204);
          assertEquals(oda.get("/api/dances").status(), 401, "signs in again");

          Client there = Client.signedIn(port, "Oda Marsh", OWN);
          ObjectNode again = (ObjectNode) MAPPER.readTree(there.bytes("/api/club/file"));
          int log = file.get("log").size();
          assertEquals(plain(again, log), plain(file, log));
          Client here = instructor();
          for (String page :
              List.of(
                  "/api/dances/1",
                  "/api/groups/1",
                  "/api/matrix",
                  "/api/roles",
                  "/api/classes/1",
                  "/api/terms/1",
                  "/api/socials/1",
                  "/api/history/DANCE/1",
                  "/api/songs",
                  "/api/figures/club",
                  "/api/figures")) {
            assertEquals(there.get(page).body(), here.get(page).body(), page);
          }
          // The others come in by a link of the owner's, and nobody's password has moved.
          assertEquals(
              new Client(port)
                  .post(
                      "/api/session",
                      Client.json("{'name':'Wilma Otterspoor','password':'lantern-light'}"))
                  .status(),
              401);
          // It goes on: what is new gets new numbers.
          Client.Answer added =
              there.post(
                  "/api/groups",
                  Client.json(
                      "{'name':'Dockside','level':'BEGINNER','weekday':'FRIDAY',"
                          + "'startsAt':'19:00','minutes':60,'place':'','version':0}"));
          assertEquals(added.status(), 201, added.raw().body());
          assertEquals(there.postBytes("/api/club/file", bytes(file)).status(), 409, "not twice");
        });
  }

  @Test
  public void aNewOwnerIsOneMoreOfThem() {
    ObjectNode file = file();
    Installation.fresh()
        .open(port -> {
          Client ada = Installation.setUp(port, "Ada Brook", OWN);
          assertEquals(ada.postBytes("/api/club/file", bytes(file)).status(), 204);
          Client there = Client.signedIn(port, "Ada Brook", OWN);
          assertEquals(there.get("/api/session").body().at("/role/code").asString(), "OWNER");
          assertEquals(there.get("/api/people").body().size(), file.get("people").size() + 1);
        });
    Installation.fresh()
        .open(port -> {
          Client wilma = Installation.setUp(port, "Wilma Otterspoor", OWN);
          JsonNode faults =
              wilma.postBytes("/api/club/file/look", bytes(file)).body().get("faults");
          assertTrue(faults.toString().contains("is no owner in this file"), faults.toString());
        });
  }

  @Test
  public void whatIsNoClubsFileDoesNoHarmAndIsToldWhere() {
    ObjectNode file = file();
    Installation.fresh()
        .open(port -> {
          Client oda = Installation.setUp(port, "Oda Marsh", OWN);
          HarmedClubFile harmed = new HarmedClubFile(oda, file);
          harmed.said(it -> row(it, "dances", 2).put("steps", "x"), "dances, row 3");
          harmed.said(it -> row(it, "groups", 0).put("weekday", 9), "weekday");
          harmed.said(it -> row(it, "groups", 1).put("weekday", "Monday"), "weekday");
          harmed.said(it -> row(it, "groups", 1).remove("level"), "level");
          harmed.said(it -> row(it, "groups", 1).put("level", "HEROIC"), "groups, row 2, level");
          harmed.said(
              it -> row(it, "classes", 0).put("groupId", 99),
              "classes, row 1\",\"what\":\"it refers to something");
          harmed.said(
              it -> row(it, "songs", 1).put("id", 1),
              "songs, row 2\",\"what\":\"there are two of it");
          harmed.said(it -> row(it, "record", 4).put("happenedOn", "2026-02-31"), "record, row 5");
          harmed.said(
              it -> row(it, "record", 4).put("note", "n".repeat(501)), "record, row 5, note");
          harmed.said(it -> row(it, "classLines", 0).put("reasons", "{"), "what is in it");
          harmed.said(it -> row(it, "socialSongs", 0).put("otherId", 2), "A split floor has two");
          harmed.said(it -> row(it, "people", 0).put("role", "CHAIR"), "people, row 1");
          harmed.said(
              it ->
                  it.putArray("roleAbilities")
                      .addObject()
                      .put("role", "VIEWER")
                      .put("ability", "FLY"),
              "roleAbilities, row 1, ability");
          harmed.said(it -> row(it, "groups", 0).put("id", Long.MAX_VALUE), "groups, row 1, id");
          harmed.said(it -> row(it, "groups", 0).put("name", "\u202Eno"), "cannot be seen");
          harmed.said(it -> row(it, "people", 0).put("name", "\uD800"), "people, row 1");
          harmed.said(it -> it.put("tables", 1), "no release of this program");
          harmed.said(it -> it.put("format", "song list"), "no club's file");
          harmed.said(it -> it.putArray("passwords").add(1), "passwords");
          harmed.said(it -> it.putArray("people"), "nobody");
          harmed.said(it -> it.put("made", "soon"), "must be a moment");
          for (String bad :
              List.of(
                  "[]",
                  "{",
                  "{\"format\":\"ulna-awl-club\"}{}",
                  "[".repeat(100_000),
                  "{\"format\":" + "{\"a\":".repeat(5_000),
                  "{\"people\":[1],\"people\":[2]}",
                  "\u0000\u0001",
                  "{\"dances\":[" + "1,".repeat(300_000) + "1]}")) {
            assertEquals(
                oda.postBytes("/api/club/file", bad.getBytes(StandardCharsets.UTF_8)).status(),
                422,
                bad.substring(0, Math.min(20, bad.length())));
          }
          byte[] latin = "{\"format\":\"\u00e9\"}".getBytes(StandardCharsets.ISO_8859_1);
          assertEquals(oda.postBytes("/api/club/file", latin).status(), 422);
          assertEquals(oda.postBytes("/api/club/file", new byte[25 * 1024 * 1024]).status(), 413);
          assertTrue(oda.get("/api/club").body().get("empty").asBoolean(), "nothing has come");
          assertEquals(oda.get("/api/dances").body().size(), 0);
          assertEquals(
              oda.postBytes("/api/club/file", bytes(file)).status(), 204, "the sound one does");
        });
  }

  /** The published schema is what files are held against, and files hold. */
  @Test
  public void theSchemaIsPublished() throws IOException {
    String schema = viewer().get("/api/club/schema").raw().body();
    if (Boolean.getBoolean("ulna.contract.write")) {
      Files.writeString(SCHEMA, schema + "\n");
    }
    assertEquals(Files.readString(SCHEMA).strip(), schema.strip());
    ObjectNode file = file();
    RowSchema whole = new RowSchema(MAPPER.readTree(schema));
    assertEquals(whole.faults("file", file), List.of());
    row(file, "people", 0).put("passwordHash", "x");
    assertFalse(whole.faults("file", file).isEmpty());
  }

  /** Every table is in the file, or somebody has said why it is not; no secret is in it. */
  @Test
  public void nothingIsForgottenAndNothingSecretLeaves() {
    Set<String> all =
        database.meta().getSchemas("PUBLIC").getFirst().getTables().stream()
            .map(it -> it.getName().toUpperCase(Locale.ROOT))
            .filter(it -> !it.equals("FLYWAY_SCHEMA_HISTORY"))
            .collect(Collectors.toSet());
    Class<?> owner = ownerOfLists();
    Set<String> said = new HashSet<>();
    DataFile.rows(owner, "club-file.txt").forEach(it -> said.add(it.get(1)));
    DataFile.rows(owner, "stays-here.txt").forEach(it -> said.add(it.getFirst()));
    assertEquals(said, all);
    String text = file().toString();
    for (String secret : List.of("argon2", "bcrypt", "wordDigest", "tokenDigest", "passwordHash")) {
      assertFalse(text.contains(secret), secret);
    }
  }

  private static Class<?> ownerOfLists() {
    try {
      return Class.forName("ulnaawl.server.clubfile.ClubFileStore");
    } catch (ClassNotFoundException e) {
      throw new AssertionError(e);
    }
  }
}
