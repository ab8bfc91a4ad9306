package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.jooq.ExecuteContext;
import org.jooq.ExecuteListener;
import org.jooq.ExecuteListenerProvider;
import org.jooq.impl.DefaultExecuteListenerProvider;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A page asks the database as often for a large club as for a small one. */
@DirtiesContext
@Import(StatementsTest.Counting.class)
public class StatementsTest extends ServerTest {

  private static final AtomicInteger STATEMENTS = new AtomicInteger();
  private static final int MORE_GROUPS = 9;

  /** Counts what the server asks its database. */
  @TestConfiguration
  static class Counting {
    @Bean
    ExecuteListenerProvider counter() {
      return new DefaultExecuteListenerProvider(
          new ExecuteListener() {
            @Override
            public void executeStart(ExecuteContext context) {
              STATEMENTS.incrementAndGet();
            }
          });
    }
  }

  private static final List<String> PAGES =
      List.of(
          "/api/classes",
          "/api/dances",
          "/api/dances/list",
          "/api/dances/list/choices",
          "/api/dances/1",
          "/api/songs",
          "/api/figures",
          "/api/groups/1",
          "/api/dances/2/teach?group=1&minutes=30&school=ADD_ON");

  /** Statements of each page: right after a change, so that nothing is kept. */
  private static Map<String, Integer> cold(Client client, int round) {
    Map<String, Integer> counted = new TreeMap<>();
    for (String page : PAGES) {
      String group =
          "{'name':'Round %d %d','level':'BEGINNER','weekday':'FRIDAY',"
                  .formatted(round, page.hashCode())
              + "'startsAt':'10:00','minutes':60,'place':'','version':0}";
      assertEquals(client.post("/api/groups", Client.json(group)).status(), 201);
      STATEMENTS.set(0);
      int status = client.get(page).status();
      assertEquals(status, 200, page);
      counted.put(page, STATEMENTS.get());
    }
    return counted;
  }

  @Test
  public void thatAPageNeedsDoNotGrowWithTheClub() {
    Client oda = instructor();
    Map<String, Integer> small = cold(oda, 1);
    for (JsonNode group : oda.get("/api/groups").body()) {
      oda.post(
          "/api/classes",
          Client.json(
              "{'group':%d,'date':'2026-12-14','minutes':60}".formatted(group.get("id").asLong())));
    }
    for (int i = 0; i < MORE_GROUPS; i++) {
      String text =
          "{\"stepText\":\"title: More %d\\nsection 1\\n1-4  vine R, touch L\\n5-8  vine L, touch R\\n\"}"
              .formatted(i);
      assertEquals(oda.post("/api/dances", text).status(), 201);
    }
    Map<String, Integer> large = cold(oda, 2);
    assertTrue(small.getOrDefault("/api/classes", 0) > 0, "statements are counted");
    assertEquals(large.get("/api/classes"), small.get("/api/classes"));
    for (String page : PAGES) {
      if (!page.equals("/api/dances/list")) {
        // The list asks once for each group; its dances cost nothing.
        assertTrue(
            large.getOrDefault(page, 99) <= small.getOrDefault(page, 0) + 1,
            page + ": " + small + " then " + large);
      }
      assertTrue(large.getOrDefault(page, 99) <= 40, page + ": " + large);
    }
  }

  @Test
  public void thatAPageNeedsWhenItIsAskedAgainAreNone() {
    Client oda = instructor();
    for (String page : PAGES) {
      oda.get(page);
      STATEMENTS.set(0);
      assertEquals(oda.get(page).status(), 200, page);
      assertEquals(STATEMENTS.get(), 0, page);
    }
  }
}
