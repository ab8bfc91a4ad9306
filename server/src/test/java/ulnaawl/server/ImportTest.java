package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A club comes with what it has: files of any kind, looked at, taken in and undone together. */
public class ImportTest extends ServerTest {

  private static final String SHEET =
      """
      LANTERN ROW - Ada Brook - 16 counts - 4 walls - beginner - Intro 16 counts

      Section 1: 1-4 Vine R, touch L. 5-8 Vine L, touch R.
      Section 2: 1-4 Rocking chair R. 5-8 Jazz box 1/4 turn R.
      """;

  private static final String STEP_TEXT =
      """
      title: Salt Stairs
      section 1
      1-4  vine R, touch L
      5-8  vine L, touch R
      """;

  private static final Map<String, byte[]> CLUB = new LinkedHashMap<>();

  static {
    CLUB.put(
        "sheets.zip", zip(Map.of("lantern.txt", bytes(SHEET), "stairs.txt", bytes(STEP_TEXT))));
    CLUB.put(
        "songs.csv",
        // As a spreadsheet in half of Europe writes it.
        bytes("\uFEFFtitle;artist;bpm\r\nBrass Kettle;Nine Gulls;112\r\n;No Title;100\r\n"));
    CLUB.put("tape.m3u", bytes("#EXTM3U\n#EXTINF:201,Nine Gulls - Low Water\nmusic/low.mp3\n"));
    CLUB.put(
        "groups.csv",
        bytes("group,level,weekday,starts,minutes\nPier Head,beginner,Wed,7:30 pm,75\n"));
    CLUB.put("names.csv", bytes("group,dancer\nPier Head,Ilse\nPier Head,Jo\nNo Such,Kay\n"));
    CLUB.put(
        "record.csv",
        bytes(
            "group,date,dance,happened,sections,outcome\n"
                + "Pier Head,18.11.2026,Salt Stairs,taught,,shaky\n"
                + "Pier Head,11.11.2026,Lantern Row,introduced,1-2,solid\n"
                + "Pier Head,11.11.2026,Lantern Row,introduced,3,solid\n"
                + "Pier Head,30.11.2026,Salt Stairs,danced,,solid\n"));
    CLUB.put(
        "classes.csv",
        bytes(
            "group,date,minutes,part,line minutes,dance,words\n"
                + "Pier Head,2026-12-02,75,warm up,10,,Walks\n"
                + "Pier Head,2026-12-02,75,teach,25,Salt Stairs,\n"
                + "Pier Head,2026-12-09,75,teach,25,Nowhere Waltz,\n"
                + "Pier Head,2026-12-09,75,teach,25,Salt Stairs,\n"));
    CLUB.put(
        "hall.ics",
        bytes(
            """
            BEGIN:VCALENDAR
            VERSION:2.0
            PRODID:-//Hall//EN
            BEGIN:VEVENT
            UID:1
            DTSTAMP:20260101T000000Z
            DTSTART;VALUE=DATE:20270322
            DTEND;VALUE=DATE:20270405
            SUMMARY:Hall closed
            END:VEVENT
            BEGIN:VEVENT
            UID:2
            DTSTAMP:20260101T000000Z
            DTSTART;VALUE=DATE:20270214
            SUMMARY:Founders' day
            END:VEVENT
            END:VCALENDAR
            """
                .replace("\n", "\r\n")));
  }

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  private static byte[] zip(Map<String, byte[]> files) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> file : files.entrySet()) {
        zip.putNextEntry(new ZipEntry(file.getKey()));
        zip.write(file.getValue());
      }
    } catch (IOException e) {
      throw new AssertionError(e);
    }
    return bytes.toByteArray();
  }

  private static String files(Map<String, byte[]> files) {
    return files.entrySet().stream()
        .map(it ->
            "{\"name\":%s,\"base64\":\"%s\"}"
                .formatted(
                    Client.quoted(it.getKey()), Base64.getEncoder().encodeToString(it.getValue())))
        .collect(Collectors.joining(",", "\"files\":[", "]"));
  }

  private static JsonNode look(Client client, Map<String, byte[]> files) {
    Client.Answer answer = client.post("/api/imports/look", "{" + files(files) + "}");
    assertEquals(answer.status(), 200, answer.raw().body());
    return answer.body();
  }

  private static List<JsonNode> found(JsonNode look, String state) {
    List<JsonNode> all = new ArrayList<>();
    look.get("found").forEach(it -> all.add(it));
    return all.stream().filter(it -> it.get("state").asString().equals(state)).toList();
  }

  private static List<String> titles(List<JsonNode> found) {
    return found.stream().map(it -> it.get("title").asString()).sorted().toList();
  }

  private static Client.Answer take(
      Client client, Map<String, byte[]> files, List<JsonNode> chosen) {
    String wanted =
        chosen.stream()
            .map(it ->
                "{\"number\":%d,\"title\":%s,\"state\":%s}"
                    .formatted(it.get("number").asInt(), it.get("title"), it.get("state")))
            .collect(Collectors.joining(",", "\"chosen\":[", "]"));
    return client.post("/api/imports", "{" + files(files) + "," + wanted + "}");
  }

  @Test
  public void aClubComesWithWhatItHasAndGoesAgain() {
    Client oda = instructor();
    int dances = oda.get("/api/dances").body().size();
    JsonNode look = look(oda, CLUB);
    assertEquals(
        titles(found(look, "NEW")),
        List.of(
            "Brass Kettle by Nine Gulls",
            "Founders' day, 2027-02-14",
            "Hall closed, 2027-03-22 to 2027-04-04",
            "Ilse",
            "Jo",
            "Lantern Row",
            "Low Water by Nine Gulls",
            "Pier Head",
            "Pier Head, 2026-12-02",
            "Pier Head: Lantern Row",
            "Pier Head: Salt Stairs",
            "Salt Stairs"),
        look.toPrettyString());
    Map<String, String> why =
        found(look, "UNREADABLE").stream()
            .collect(
                Collectors.toMap(
                    it ->
                        look.get("files").get(it.get("file").asInt()).get("name").asString()
                            + ":"
                            + it.get("line").asInt(),
                    it -> it.get("note").asString()));
    assertEquals(
        why.keySet(),
        java.util.Set.of(
            "songs.csv:3", "names.csv:4", "record.csv:4", "record.csv:5", "classes.csv:4"),
        why.toString());
    assertSays(why, "names.csv:4", "No Such");
    assertSays(why, "record.csv:4", "sections 1 to 2");
    assertSays(why, "record.csv:5", "still to come");
    assertSays(why, "classes.csv:4", "Nowhere Waltz");
    assertEquals(oda.get("/api/dances").body().size(), dances, "looking changes nothing");

    List<JsonNode> chosen =
        found(look, "NEW").stream().filter(it -> it.get("wise").asBoolean()).toList();
    assertEquals(chosen.size(), 11, "a day off is not a closed hall unless it says so");
    Client.Answer taken = take(oda, CLUB, chosen);
    assertEquals(taken.status(), 200, taken.raw().body());
    assertEquals(oda.get("/api/dances").body().size(), dances + 2);
    JsonNode again = look(oda, CLUB);
    assertEquals(
        titles(found(again, "NEW")),
        List.of("Founders' day, 2027-02-14"),
        "what is there does not come twice");
    assertEquals(found(again, "SAME").size(), 11, again.toPrettyString());

    // Somebody goes on from one of the dances.
    JsonNode stairs = oda.get("/api/dances/" + id(oda, "/api/dances", "Salt Stairs")).body();
    assertEquals(
        oda.put(
                "/api/dances/" + stairs.get("id").asLong(),
                "{\"version\":1,\"stepText\":" + Client.quoted(STEP_TEXT + "# ours\n") + "}")
            .status(),
        200);
    Client.Answer undone =
        oda.post("/api/imports/" + taken.body().get("id").asLong() + "/undo", "{}");
    assertEquals(undone.status(), 200, undone.raw().body());
    assertEquals(undone.body().get("left").size(), 1, undone.raw().body());
    assertTrue(undone.body().at("/left/0/why").asString().contains("Salt Stairs"));
    assertEquals(
        titles(found(look(oda, CLUB), "NEW")).size(), 11, "all but that dance can come again");
    assertEquals(
        oda.post("/api/imports/" + taken.body().get("id").asLong() + "/undo", "{}").status(), 409);
  }

  private static void assertSays(Map<String, String> said, String place, String words) {
    String here = said.getOrDefault(place, "");
    assertTrue(here.contains(words), place + ": " + here);
  }

  private static long id(Client client, String list, String title) {
    for (JsonNode one : client.get(list).body()) {
      if (one.get("title").asString().equals(title)) {
        return one.get("id").asLong();
      }
    }
    throw new AssertionError(title);
  }

  /** The tables that the demo club gives are read as just what it has. */
  @Test
  public void whatGoesOutComesInAsTheSame() {
    Client oda = instructor();
    for (String table :
        List.of("GROUPS", "DANCES", "REGISTER", "CLASSES", "RECORD", "CLOSED_DAYS")) {
      byte[] csv = bytes(oda.get("/api/tables/" + table).raw().body());
      JsonNode look = look(oda, Map.of("all.csv", csv));
      assertEquals(look.at("/files/0/table").asString(), table);
      assertTrue(look.get("found").size() > 0 || table.equals("CLOSED_DAYS"), table);
      assertEquals(
          found(look, "SAME").size(),
          look.get("found").size(),
          table + ": " + found(look, "CONFLICT") + found(look, "NEW") + found(look, "UNREADABLE"));
    }
    byte[] songs = bytes(oda.get("/api/songs/export/m3u").raw().body());
    JsonNode look = look(oda, Map.of("songs.m3u8", songs));
    assertEquals(found(look, "NEW").size() + found(look, "CHANGED").size(), 0);
    assertTrue(found(look, "SAME").size() > 10);
  }

  @Test
  public void aTextThatTheClubHasOtherwiseStaysUnlessItIsChosen() {
    Client oda = instructor();
    JsonNode first = oda.get("/api/dances").body().get(0);
    String address = "/api/dances/" + first.get("id").asLong();
    String title = first.get("title").asString();
    JsonNode dance = oda.get(address).body();
    Map<String, byte[]> file =
        Map.of("a.txt", bytes("title: " + title + "\nsection 1\n1-4  vine R, touch L\n"));
    JsonNode conflict = found(look(oda, file), "CONFLICT").getFirst();
    assertFalse(conflict.get("wise").asBoolean());
    JsonNode differences = conflict.get("differences");
    assertTrue(differences.toString().contains("vine"), differences.toString());
    assertTrue(differences.get(0).has("was"), differences.toString());
    Client.Answer taken = take(oda, file, List.of(conflict));
    assertEquals(taken.status(), 200, taken.raw().body());
    assertEquals(oda.get(address).body().get("version").asInt(), dance.get("version").asInt() + 1);
    assertEquals(take(oda, file, List.of(conflict)).status(), 409, "it is the same by now");
    oda.post("/api/imports/" + taken.body().get("id").asLong() + "/undo", "{}");
    assertEquals(oda.get(address).body().get("stepText"), dance.get("stepText"), "as it was");
  }

  /** A register is not begun by a file that was undone. */
  @Test
  public void aGroupThatKeptNothingKeepsNothingAgain() {
    Client oda = instructor();
    String group =
        "/api/groups/"
            + oda.post(
                    "/api/groups",
                    Client.json(
                        "{'name':'Quiet Harbour','level':'BEGINNER','weekday':'SUNDAY',"
                            + "'startsAt':'17:00','minutes':60,'place':'','version':0}"))
                .body()
                .get("id")
                .asLong();
    Map<String, byte[]> file =
        Map.of("names.csv", bytes("group,dancer\nQuiet Harbour,Ilse\nQuiet Harbour,Jo\n"));
    Client.Answer taken = take(oda, file, found(look(oda, file), "NEW"));
    assertEquals(oda.get(group + "/register").body().get("kind").asString(), "NAMES");
    String undo = "/api/imports/" + taken.body().get("id").asLong() + "/undo";
    assertEquals(oda.post(undo, "{}").body().get("left").size(), 0);
    assertEquals(oda.get(group + "/register").body().get("kind").asString(), "NOTHING");

    taken = take(oda, file, found(look(oda, file), "NEW"));
    oda.post(group + "/register/dancers", Client.json("{'name':'Kaya'}"));
    undo = "/api/imports/" + taken.body().get("id").asLong() + "/undo";
    assertEquals(oda.post(undo, "{}").body().get("left").size(), 0);
    JsonNode goesOn = oda.get(group + "/register").body();
    assertEquals(goesOn.get("kind").asString(), "NAMES", "somebody goes on with it");
  }

  /** Added by one line, filled by another: it is one song, and goes as one. */
  @Test
  public void aSongThatStandsTwiceIsUndoneAsOne() {
    Client oda = instructor();
    Map<String, byte[]> file =
        Map.of("a.csv", bytes("title,artist,bpm\nTwice Told,Nobody,\nTwice Told,Nobody,101\n"));
    JsonNode look = look(oda, file);
    List<JsonNode> both = new ArrayList<>(found(look, "NEW"));
    both.addAll(found(look, "CHANGED"));
    assertEquals(both.size(), 2, look.toPrettyString());
    Client.Answer taken = take(oda, file, both);
    assertEquals(taken.status(), 200, taken.raw().body());
    Client.Answer undone =
        oda.post("/api/imports/" + taken.body().get("id").asLong() + "/undo", "{}");
    assertEquals(undone.body().get("left").size(), 0, undone.raw().body());
    assertFalse(oda.get("/api/songs").raw().body().contains("Twice Told"));
  }

  @Test
  public void hostileFilesDoNoHarmAndSayWhereTheyAre() throws IOException {
    Client oda = instructor();
    Map<String, byte[]> files = new LinkedHashMap<>();
    files.put("bomb.zip", zip(Map.of("zeros.txt", new byte[40 * 1024 * 1024])));
    files.put("nested.zip", zip(Map.of("inner.zip", zip(Map.of("deep.txt", bytes(STEP_TEXT))))));
    files.put(
        "out.zip",
        zip(Map.of("../../etc/evil.txt", bytes(STEP_TEXT.replace("Salt Stairs", "Kelp Street")))));
    files.put(
        "old.csv", "title;artist\nMüde Füße;Ärger\n".getBytes(Charset.forName("windows-1252")));
    files.put(
        "formula.csv",
        bytes("title,artist\n\"=HYPERLINK(\"\"x\"\")\",<script>alert(1)</script>\n"));
    files.put("open.csv", bytes("title,artist\n\"never closed,x\n"));
    files.put("other.csv", bytes("colour,size\nred,4\n"));
    files.put("deep.json", bytes("{\"a\":".repeat(20_000)));
    files.put(
        "much.ics",
        bytes(
            "BEGIN:VCALENDAR\nVERSION:2.0\nPRODID:x\nBEGIN:VEVENT\nUID:1\n"
                + "DTSTAMP:20260101T000000Z\nDTSTART:20260101T000000Z\nRRULE:FREQ=SECONDLY\nSUMMARY:Tick\n"
                + "END:VEVENT\nEND:VCALENDAR\n"));
    files.put("binary.txt", new byte[] {1, 2, 0, 3});
    JsonNode look = look(oda, files);
    Map<String, String> refused = new LinkedHashMap<>();
    look.get("files")
        .forEach(it -> {
          if (it.get("readAs").asString().equals("NOTHING")) {
            refused.put(it.get("name").asString(), it.get("why").asString());
          }
        });
    assertEquals(
        refused.keySet(),
        java.util.Set.of(
            "bomb.zip: zeros.txt",
            "nested.zip: inner.zip",
            "open.csv",
            "other.csv",
            "deep.json",
            "binary.txt"),
        refused.toString());
    assertSays(refused, "bomb.zip: zeros.txt", "larger");
    assertEquals(
        titles(found(look, "NEW")),
        List.of(
            "=HYPERLINK(\"x\") by <script>alert(1)</script>", "Kelp Street", "Müde Füße by Ärger"),
        look.toPrettyString());
    assertTrue(
        found(look, "UNREADABLE").toString().contains("more often than once a day"),
        look.toPrettyString());
    Client.Answer taken = take(oda, files, found(look, "NEW"));
    assertEquals(taken.status(), 200, taken.raw().body());
    assertTrue(
        oda.get("/api/songs/export/csv").raw().body().contains("'=HYPERLINK"),
        "no spreadsheet runs it");
    oda.post("/api/imports/" + taken.body().get("id").asLong() + "/undo", "{}");
    assertEquals(
        oda.post("/api/imports/look", "{\"files\":[{\"name\":\"x\",\"base64\":\"%%%\"}]}").status(),
        422);
  }
}
