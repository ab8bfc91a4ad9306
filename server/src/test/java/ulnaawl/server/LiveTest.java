package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Two people on one thing see each other, and what is changed is told within a second. */
@DirtiesContext
public class LiveTest extends ServerTest {

  private static final String DANCE =
      "{\"stepText\":\"title: Live one\\nsection 1\\n1-4  vine R, touch L\\n5-8  vine L, touch R\\n\"}";

  private static void goTo(Client who, Client.Events line, String place) {
    String page = line.next("hello").get("page").asString();
    String here = "{'page':'%s','place':%s}".formatted(page, place);
    assertEquals(who.put("/api/live/here", Client.json(here)).status(), 204);
  }

  private static final String BOTH =
      "[{\"id\":1,\"name\":\"Oda Marsh\"},{\"id\":3,\"name\":\"Tomas Brandl\"}]";

  @Test
  public void whoIsThereIsSeenByWhoIsThere() {
    Client oda = instructor();
    Client tomas = coInstructor();
    String there = "{'spot':'CLASS','id':3,'group':0}";
    try (Client.Events first = oda.listen("/api/live/events");
        Client.Events second = tomas.listen("/api/live/events")) {
      goTo(oda, first, there);
      assertEquals(
          first.next("there").get("people").toString(), "[{\"id\":1,\"name\":\"Oda Marsh\"}]");
      goTo(tomas, second, there);
      assertEquals(first.next("there").get("people").toString(), BOTH);
      assertEquals(second.next("there").get("people").toString(), BOTH);
      assertEquals(tomas.delete("/api/session").status(), 204);
      assertTrue(second.isClosed(), "whoever signs out hears nothing more");
      assertEquals(
          first.next("there").get("people").toString(), "[{\"id\":1,\"name\":\"Oda Marsh\"}]");
    }
  }

  @Test
  public void aChangeIsToldToEverybodyOnceItIsSaved() {
    Client bertil = viewer();
    try (Client.Events line = bertil.listen("/api/live/events")) {
      line.next("hello");
      JsonNode dance = wilma().post("/api/dances", DANCE).body();
      JsonNode told = line.next("changed");
      assertEquals(told.get("thing").asString(), "DANCE");
      assertEquals(told.get("id").asLong(), dance.get("id").asLong());
      assertEquals(told.get("version").asInt(), 1);
      assertEquals(told.at("/by/name").asString(), "Wilma Otterspoor");
      assertEquals(told.size(), 4, "and nothing of what is in it: " + told);
    }
  }

  @Test
  public void aPageIsItsOwnersAlone() {
    try (Client.Events line = instructor().listen("/api/live/events")) {
      String page = line.next("hello").get("page").asString();
      String here = Client.json("{'page':'%s'}".formatted(page));
      assertEquals(coInstructor().put("/api/live/here", here).status(), 404);
    }
    assertEquals(nobody().listen("/api/live/events").status(), 401);
  }

  @Test
  public void nobodyTakesAllLines() {
    Client ines = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    Client.Events[] lines = new Client.Events[12];
    for (int i = 0; i < lines.length; i++) {
      lines[i] = ines.listen("/api/live/events");
      assertEquals(lines[i].status(), 200);
    }
    try (Client.Events newest = ines.listen("/api/live/events")) {
      assertEquals(newest.status(), 200, "the page that somebody looks at is never refused");
      newest.next("hello");
      assertTrue(lines[0].isClosed(), "the one that was opened first is let go");
      lines[1].next("hello");
    }
    for (Client.Events line : lines) {
      line.close();
    }
  }
}
