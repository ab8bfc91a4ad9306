package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import ulnaawl.dance.Dance;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.formats.SongCsv;
import ulnaawl.formats.SongList;
import ulnaawl.formats.SongXspf;
import ulnaawl.music.ListedSong;
import ulnaawl.music.SongEntry;
import ulnaawl.music.SongField;
import ulnaawl.song.MusicMatch;

/** Songs, walls with music, other music and shared floors through the API. */
public class SongsTest extends ServerTest {

  private static String draft(String title, String bpm, int version) {
    return Client.json(
        ("{'title':'%s','artist':'Nobody Known','bpm':'%s','countRate':'1','length':'3:00',"
                + "'intro':'16','meter':'4/4','style':'','phrases':'32x4','location':'','explicitWords':"
                + "false,'version':%d}")
            .formatted(title, bpm, version));
  }

  private static long dance(Client client, String title) {
    return find(client.get("/api/dances").body(), title);
  }

  private static long song(Client client, String title) {
    return find(client.get("/api/songs").body(), title);
  }

  private static long find(JsonNode list, String title) {
    JsonNode all = list.isArray() ? list : list.get("dances");
    for (JsonNode one : all) {
      String own =
          one.has("song") && one.get("song").isObject()
              ? one.at("/song/title").asString()
              : one.path("title").asString("");
      if (own.equals(title)) {
        return one.get("id").asLong();
      }
    }
    throw new AssertionError(title + " is not in " + list);
  }

  @Test
  public void aSongIsKeptChangedAndRemoved() {
    Client oda = instructor();
    JsonNode added = oda.post("/api/songs", draft("Test Tune", "112.5", 0)).body();
    long id = added.get("id").asLong();
    assertEquals(added.at("/song/countsPerMinute").asDouble(), 112.5);
    assertEquals(added.at("/song/seconds").asInt(), 180);
    Client.Answer twin = oda.post("/api/songs", draft("TEST  tune!", "100", 0));
    assertEquals(twin.status(), 409);
    assertTrue(twin.detail().contains("in the list already"), twin.detail());
    String address = "/api/songs/" + id;
    assertEquals(oda.put(address, draft("Test Tune", "113", 1)).status(), 200);
    assertEquals(oda.put(address, draft("Test Tune", "114", 1)).status(), 409);
    assertEquals(coInstructor().get(address).body().at("/song/bpm").asInt(), 113);
    assertEquals(oda.delete(address + "?version=1").status(), 409);
    assertEquals(oda.delete(address + "?version=2").status(), 204);
    assertEquals(oda.get(address).status(), 404);
  }

  @Test
  public void listsComeInWithoutOverwritingAndGoOutWhole() {
    Client oda = instructor();
    String csv =
        "title,artist,bpm,length,where\nPocket Weather,Anselm Brightwater,101,3:41,\n"
            + "Fresh Paint,Vesper Lane,110,3:00,=cmd()\nBroken,,quick,,\n";
    String body = "{\"text\":" + Client.quoted(csv) + ",\"doIt\":%s}";
    JsonNode told = oda.post("/api/songs/import", body.formatted("false")).body();
    assertEquals(told.get("added").asInt(), 1);
    assertEquals(told.get("filled").asInt(), 1);
    assertEquals(told.at("/lines/2/what").asString(), "FAULT");
    int before = oda.get("/api/songs").body().size();
    oda.post("/api/songs/import", body.formatted("true"));
    assertEquals(oda.get("/api/songs").body().size(), before + 1);
    JsonNode weather = oda.get("/api/songs/" + song(oda, "Pocket Weather")).body();
    assertEquals(weather.at("/song/bpm").asInt(), 101);
    assertEquals(weather.at("/song/seconds").asInt(), 220, "3:40 was known and stays");

    Client colleague = coInstructor();
    SongList fromCsv = SongCsv.read(colleague.get("/api/songs/export/csv").raw().body());
    SongList fromXspf = SongXspf.read(colleague.get("/api/songs/export/xspf").raw().body());
    assertEquals(fromCsv.faults(), List.of());
    assertEquals(fromCsv.songs().size(), before + 1);
    assertEquals(
        fromXspf.songs().stream().map(SongList.Entry::song).toList(),
        fromCsv.songs().stream().map(SongList.Entry::song).toList());
  }

  @Test
  public void tapsAreRead() {
    JsonNode taps =
        coInstructor()
            .post(
                "/api/songs/taps",
                Client.json("{'millis':[0,500,1000,1500,2500,3000],'printed':'240'}"))
            .body();
    assertEquals(taps.get("bpm").asString(), "120");
    assertEquals(taps.get("half").asString(), "60");
    assertEquals(taps.get("missed").asInt(), 1);
    assertEquals(taps.get("countRate").asString(), "1/2", "120 counts to 240 printed beats");
    JsonNode few = coInstructor().post("/api/songs/taps", Client.json("{'millis':[0,500]}")).body();
    assertFalse(few.has("bpm"));
    assertEquals(few.get("more").asInt(), 2);
  }

  /** By hand: 126 beats at half are 63 counts; 16 of them last 15.24 s. */
  @Test
  public void anEntryIsReadWhileItIsTyped() {
    String typed =
        "{'draft':"
            + draft("Test", "126", 0)
                .replace("\"countRate\":\"1\"", "\"countRate\":\"1/2\"")
                .replace('"', '\'')
            + ",'firstBeatMillis':400,'firstStepMillis':15700}";
    JsonNode reading = coInstructor().post("/api/songs/check", Client.json(typed)).body();
    assertEquals(reading.get("countsPerMinute").asInt(), 63);
    assertEquals(reading.get("introCounts").asInt(), 16);
    assertEquals(reading.get("phraseCounts").asInt(), 128);
    JsonNode faults =
        coInstructor()
            .post("/api/songs/check", Client.json(typed.replace("'126'", "'quick'")))
            .body()
            .get("faults");
    assertEquals(faults.at("/0/field").asString(), "BPM");
  }

  /** By hand: see the core's test of the call sheet of the same dance. */
  @Test
  public void wallsComeWithTheirCalls() {
    Client colleague = coInstructor();
    long id = dance(colleague, "Paper Lanterns");
    JsonNode walls = colleague.get("/api/dances/" + id + "/walls").body();
    assertEquals(walls.at("/music/id").asString(), "sheet-0");
    assertEquals(walls.at("/music/phrases").asString(), "32 36 32x2 16 32x5");
    assertEquals(walls.at("/walls/1/calls/0/words").asString(), "Tag Lull");
    assertEquals(walls.at("/walls/1/calls/0/callMillis").asLong(), 40_714);
    assertEquals(walls.at("/walls/4/calls/0/begins").asLong(), 86_786);
    assertEquals(
        walls.at("/walls/4/parts/1/figures/3/counts").asString(), "7", "changed, in its section");
    assertEquals(walls.at("/walls/4/parts").size(), 2, "a restart after 16: two sections");
    for (JsonNode wall : walls.get("walls")) {
      assertEquals(wall.path("late").asInt(0), 0, "on its song's phrases: " + wall);
      int counts = 0;
      for (JsonNode part : wall.get("parts")) {
        assertEquals(part.get("start").asInt(), counts);
        counts += part.get("counts").asInt();
      }
      assertEquals(counts, wall.at("/wall/counts").asInt() + wall.at("/wall/tagCounts").asInt());
    }
    long other = song(colleague, "Barometer");
    JsonNode moved = colleague.get("/api/dances/" + id + "/walls?song=list-" + other).body();
    assertEquals(moved.at("/fit/introCounts").asInt(), 32, "the intro of that song");
    assertTrue(moved.at("/walls/2/late").asInt() != 0 || moved.at("/walls/3/late").asInt() != 0);
    JsonNode silent = colleague.get("/api/dances/" + id + "/walls?song=none").body();
    assertFalse(silent.at("/walls/0/wall").has("startMillis"));
    assertEquals(colleague.get("/api/dances/" + id + "/walls?song=sheet-9").status(), 404);
    assertEquals(colleague.get("/api/dances/" + id + "/walls?song=tune").status(), 422);
  }

  /** Whatever is offered for whichever demo dance can be danced as written. */
  @Test
  public void endingsAndPlansForEveryDanceAreSound() {
    Client colleague = coInstructor();
    List<String> texts = new ArrayList<>();
    JsonNode list = colleague.get("/api/dances").body();
    for (JsonNode one : list.isArray() ? list : list.get("dances")) {
      String address = "/api/dances/" + one.get("id").asLong();
      JsonNode endings = colleague.get(address + "/endings").body();
      assertFalse(endings.at("/said/text").asString().isBlank());
      endings.get("endings").forEach(it -> texts.add(it.get("stepText").asString()));
      JsonNode restarts = colleague.get(address + "/restarts?phrases=32x2%2024%2036%2032x3").body();
      restarts.get("plans").forEach(it -> texts.add(it.get("stepText").asString()));
      assertTrue(restarts.get("counts").size() > 10);
    }
    assertTrue(texts.size() > 100, texts.size() + " offered");
    for (String text : texts) {
      JsonNode reading =
          colleague.post("/api/writing/check", "{\"stepText\":" + Client.quoted(text) + "}").body();
      assertTrue(reading.get("sound").asBoolean(), text + reading.get("remarks"));
    }
    long id = dance(colleague, "Paper Lanterns");
    assertEquals(colleague.get("/api/dances/" + id + "/restarts?phrases=verse").status(), 422);
  }

  @Test
  public void theFloorIsFoundAndClaimsAreJudged() {
    Client colleague = coInstructor();
    String address = "/api/dances/" + dance(colleague, "Paper Lanterns");
    JsonNode where =
        colleague.get(address + "/where-are-we?facing=0&section=1&count=1&seconds=90").body();
    assertEquals(where.at("/candidates/0/wall").asInt(), 6);
    JsonNode early =
        colleague.get(address + "/where-are-we?facing=0&section=1&count=1&seconds=9").body();
    assertEquals(early.at("/candidates/0/wall").asInt(), 1);
    assertEquals(early.at("/candidates/0/next/words").asString(), "Tag Lull");
    JsonNode claim = colleague.get(address + "/facing-claims?what=START&wall=3&facing=2").body();
    assertEquals(claim.get("truth").asString(), "NO");
    assertEquals(
        colleague.get(address + "/facing-claims?what=START&wall=100&facing=2").status(), 422);
    assertEquals(
        colleague.get(address + "/facing-claims?what=START&wall=3&facing=8").status(), 422);
    assertEquals(colleague.get(address + "/where-are-we?seconds=-1").status(), 422);
  }

  /** The same songs, in the same order and for the same reasons, as the core finds them. */
  @Test
  public void songsForADanceAreThoseThatTheCoreFinds() {
    Client colleague = coInstructor();
    long lanterns = dance(colleague, "Paper Lanterns");
    JsonNode sheet = colleague.get("/api/dances/" + lanterns).body();
    Dance dance =
        DanceCompiler.compile(sheet.get("stepText").asString(), FigureBook.standard()).dance();
    Level level = Level.valueOf(sheet.at("/reading/level/stated").asString());
    List<String> expected =
        colleague
            .get("/api/songs")
            .body()
            .valueStream()
            .map(SongsTest::listed)
            .flatMap(song ->
                MusicMatch.of(dance, level, song).stream()
                    .map(match -> Map.entry(song.song().title(), match)))
            .sorted(Map.Entry.comparingByValue(MusicMatch.BEST_FIRST))
            .map(
                it -> "%s %d %s".formatted(it.getKey(), it.getValue().score(), it.getValue().use()))
            .toList();
    JsonNode songs = colleague.get("/api/dances/" + lanterns + "/music").body();
    List<String> found =
        songs
            .valueStream()
            .map(it ->
                "%s %d %s"
                    .formatted(
                        it.get("title").asString(),
                        it.at("/match/score").asInt(),
                        it.at("/match/use").asString()))
            .toList();
    assertTrue(found.size() > 8, found.toString());
    assertEquals(found, expected.subList(0, found.size()));
    assertEquals(songs.at("/0/title").asString(), "Paper Lanterns");
    assertTrue(songs.at("/0/own").asBoolean());
    for (JsonNode one : songs) {
      int points =
          one.at("/match/reasons")
              .valueStream()
              .mapToInt(it -> it.get("text").asString().isBlank() ? 1 : 0)
              .sum();
      assertEquals(points, 0, "every match has its reasons in words: " + one);
    }
  }

  private static ListedSong listed(JsonNode card) {
    Map<SongField, String> words = new EnumMap<>(SongField.class);
    words.put(SongField.TITLE, card.at("/song/title").asString());
    words.put(SongField.ARTIST, card.at("/song/artist").asString(""));
    words.put(SongField.BPM, card.at("/song/bpm").asString(""));
    words.put(SongField.RATE, card.at("/song/countRate").asString());
    words.put(SongField.LENGTH, card.at("/song/seconds").asString(""));
    words.put(SongField.INTRO, card.path("intro").asString(""));
    words.put(SongField.METER, card.get("meter").asString().equals("THREE") ? "3/4" : "4/4");
    words.put(SongField.STYLE, card.path("style").asString(""));
    words.put(SongField.PHRASES, card.get("phrases").asString());
    words.put(SongField.EXPLICIT, card.get("explicitWords").asBoolean() ? "yes" : "no");
    return new SongEntry(words).read().song().orElseThrow();
  }

  @Test
  public void dancesForASongAndTheirFloorsAreRanked() {
    Client colleague = coInstructor();
    long lanterns = dance(colleague, "Paper Lanterns");
    long mug = song(colleague, "Blue Enamel Mug");
    JsonNode dances = colleague.get("/api/songs/" + mug + "/dances").body();
    List<Integer> scores =
        dances
            .valueStream()
            .filter(it -> !it.get("own").asBoolean())
            .map(it -> it.at("/match/score").asInt())
            .toList();
    assertEquals(scores, scores.stream().sorted(Comparator.reverseOrder()).toList());
    String level =
        dances
            .valueStream()
            .filter(it -> it.get("dance").asLong() == lanterns)
            .findFirst()
            .orElseThrow()
            .get("level")
            .asString();
    JsonNode splits = colleague.get("/api/songs/" + mug + "/splits?dance=" + lanterns).body();
    assertTrue(splits.size() > 3, splits.toString());
    int extra = 0;
    for (JsonNode card : splits) {
      assertFalse(card.get("level").asString().equals(level), "another level: " + card);
      assertTrue(card.get("extra").asInt() >= extra, "the roomiest first: " + splits);
      extra = card.get("extra").asInt();
      JsonNode split =
          colleague
              .get("/api/songs/" + mug + "/splits/" + lanterns + "/" + card.get("dance").asLong())
              .body();
      assertEquals(split.get("verdict"), card.get("verdict"));
      assertEquals(split.at("/standings/0/extra"), card.get("extra"));
      assertEquals(split.get("same"), card.get("same"));
      assertEquals(split.get("standings").size(), 4);
    }
    long waltz = dance(colleague, "Quiet Harbour");
    Client.Answer refused =
        colleague.get("/api/songs/" + mug + "/splits/" + lanterns + "/" + waltz);
    assertEquals(refused.status(), 422);
    assertTrue(refused.detail().contains("waltz"), refused.detail());
  }
}
