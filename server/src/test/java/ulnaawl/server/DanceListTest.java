package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.function.Predicate;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** The list of dances, narrowed and sorted by the server, against the same done here by hand. */
public class DanceListTest extends ServerTest {

  private Client ines = new Client(0);
  private List<JsonNode> all = List.of();

  @BeforeClass
  public void readAll() {
    ines = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    all = list("most=100");
    assertTrue(all.size() >= 24);
  }

  private JsonNode page(String query) {
    Client.Answer answer = ines.get("/api/dances/list?" + query);
    assertEquals(answer.status(), 200, answer.raw().body());
    return answer.body();
  }

  private List<JsonNode> list(String query) {
    return StreamSupport.stream(page(query).get("dances").spliterator(), false).toList();
  }

  private void narrows(String query, Predicate<JsonNode> by) {
    List<String> wanted = titles(all.stream().filter(by));
    assertFalse(wanted.isEmpty(), query + " tries nothing");
    assertTrue(wanted.size() < all.size(), query + " narrows nothing");
    assertEquals(titles(list("most=100&" + query).stream()), wanted, query);
    assertEquals(page("most=1&" + query).get("found").asInt(), wanted.size(), query);
  }

  private static List<String> titles(Stream<JsonNode> dances) {
    return dances.map(it -> it.get("title").asString()).toList();
  }

  @Test
  public void isNarrowedByEachOfItsFilters() {
    narrows("level=IMPROVER", it -> it.get("level").asString().equals("IMPROVER"));
    narrows("counts=32", it -> it.get("counts").asInt() == 32);
    narrows("walls=2", it -> it.get("walls").asInt() == 2);
    narrows("style=waltz", it -> it.path("style").asString("").equals("waltz"));
    narrows("group=2", it -> known(it).contains(" 2 "));
    narrows(
        "counts=32&walls=4", it -> it.get("counts").asInt() == 32 && it.get("walls").asInt() == 4);
    narrows(
        "pace=SLOW", it -> it.has("countsPerMinute") && it.get("countsPerMinute").asDouble() < 100);
    assertEquals(page("figure=no%20such%20figure").get("found").asInt(), 0);
    JsonNode choices = ines.get("/api/dances/list/choices").body();
    String figure = choices.get("figures").get(0).asString();
    assertTrue(page("figure=" + figure.replace(" ", "%20")).get("found").asInt() > 0, figure);
  }

  /** Groups by number, with spaces around each. */
  private static String known(JsonNode dance) {
    StringBuilder groups = new StringBuilder(" ");
    dance.get("knownBy").forEach(it -> groups.append(it.get("group").asString()).append(" "));
    return groups.toString();
  }

  @Test
  public void isSearchedByEveryWordInWordsThatPeopleUse() {
    narrows("words=improver%20FERR", it -> titled(it, "ferr") && level(it, "IMPROVER"));
    narrows("words=64%20counts", it -> it.get("counts").asInt() == 64);
    narrows("words=2-wall", it -> it.get("walls").asInt() == 2);
    assertEquals(page("words=nobody%20dances%20this").get("found").asInt(), 0);
  }

  private static boolean titled(JsonNode dance, String part) {
    return dance.get("title").asString().toLowerCase(Locale.ROOT).contains(part);
  }

  private static boolean level(JsonNode dance, String level) {
    return dance.get("level").asString().equals(level);
  }

  @Test
  public void isSortedAndPagedSoThatEachDanceComesOnce() {
    for (String sort : List.of("TITLE", "LEVEL", "COUNTS", "SPEED")) {
      List<JsonNode> paged = new ArrayList<>();
      for (int from = 0; from < all.size(); from += 7) {
        paged.addAll(list("most=7&sort=" + sort + "&from=" + from));
      }
      assertEquals(
          new HashSet<>(titles(paged.stream())), new HashSet<>(titles(all.stream())), sort);
      assertEquals(paged.size(), all.size(), sort);
      assertEquals(titles(paged.stream()), titles(list("most=100&sort=" + sort).stream()), sort);
    }
    List<Integer> counts =
        list("most=100&sort=COUNTS").stream().map(it -> it.get("counts").asInt()).toList();
    assertEquals(counts, counts.stream().sorted().toList());
    assertEquals(page("from=100000").get("dances").size(), 0);
    assertEquals(ines.get("/api/dances/list?sort=SIDEWAYS").status(), 400);
  }

  @Test
  public void whatIsAskedAgainIsSentOnceAndAnyChangeIsSeen() {
    Client.Answer first = ines.get("/api/dances/list");
    String tag = first.raw().headers().firstValue("ETag").orElseThrow();
    assertTrue(tag.matches("\"[\\w-]+\""), tag);
    assertEquals(ines.getUnless("/api/dances/list", tag).status(), 304);
    Client oda = instructor();
    String body =
        "{\"stepText\":\"title: Aaa First\\nsection 1\\n1-4  vine R, touch L\\n5-8  vine L, touch R\\n\"}";
    JsonNode added = oda.post("/api/dances", body).body();
    Client.Answer changed = ines.getUnless("/api/dances/list", tag);
    assertEquals(changed.status(), 200);
    assertEquals(changed.body().at("/dances/0/title").asString(), "Aaa First");
    String address = "/api/dances/" + added.get("id").asString();
    assertEquals(
        oda.put(address, body.replace("Aaa First", "Aab Second").replace("}", ",\"version\":1}"))
            .status(),
        200);
    assertEquals(
        ines.get("/api/dances/list").body().at("/dances/0/title").asString(), "Aab Second");
    assertEquals(ines.get(address).body().get("version").asInt(), 2);
    assertEquals(oda.delete(address + "?version=2").status(), 204);
    assertFalse(ines.get("/api/dances/list").raw().body().contains("Aab Second"));
    assertEquals(ines.get("/api/dances/list").body().get("all").asInt(), all.size());
  }
}
