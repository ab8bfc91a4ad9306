package ulnaawl.server;

import static org.testng.Assert.assertEquals;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A club that is put away in the evening and opened the next day is the same club. */
public class RestartTest {

  private static final List<String> PAGES =
      List.of(
          "/api/dances",
          "/api/dances/1",
          "/api/groups",
          "/api/groups/1",
          "/api/dances/list?most=100",
          "/api/classes",
          "/api/songs",
          "/api/figures/club",
          "/api/dances/1/teach/saved?group=1",
          "/api/dances/1/teach/options?group=1",
          "/api/history/DANCE/1",
          "/api/history/CLASS/1");

  @Test
  public void everythingIsThereAfterARestart() {
    Installation here = Installation.fresh();
    List<JsonNode> before = new ArrayList<>();
    here.open(port -> {
      Client first = Installation.setUp(port, "Ada Brook", "first-evening");
      live(first);
      PAGES.forEach(page -> before.add(first.get(page).body()));
    });
    here.open(port -> {
      assertEquals(
          new Client(port)
              .post(
                  "/api/setup",
                  Client.json("{'name':'Thief','password':'first-evening','code':'evening'}"))
              .status(),
          409,
          "the club has its first instructor");
      Client ada = Client.signedIn(port, "Ada Brook", "first-evening");
      for (int i = 0; i < PAGES.size(); i++) {
        assertEquals(ada.get(PAGES.get(i)).body(), before.get(i), PAGES.get(i));
      }
      assertEquals(
          ada.put("/api/classes/1", Client.json("{'version':2,'minutes':60,'lines':[]}")).status(),
          200,
          "and goes on from the version it had");
    });
  }

  /** As it is after a stop in the wrong moment: rows are on the disk, what counts them is not. */
  @Test
  public void numbersThatWentBackAreNotGivenTwice() throws SQLException {
    Installation here = Installation.fresh();
    here.open(port -> live(Installation.setUp(port, "Ada Brook", "first-evening")));
    try (Connection database =
            DriverManager.getConnection("jdbc:h2:file:" + here.data() + "/ulna-awl", "sa", "");
        Statement statement = database.createStatement()) {
      for (String table : List.of("DANCE", "CHANGE_LOG", "CLUB_CLASS", "CLASS_LINE", "EVIDENCE")) {
        statement.execute("alter table " + table + " alter column ID restart with 1");
      }
    }
    here.open(port -> {
      Client ada = Client.signedIn(port, "Ada Brook", "first-evening");
      String text = "title: Early Ferry\nsection 1\n1-4  vine R, touch L\n";
      Client.Answer added = ada.post("/api/dances", "{\"stepText\":" + Client.quoted(text) + "}");
      assertEquals(added.status(), 201, added.raw().body());
      assertEquals(added.body().get("id").asInt(), 2);
      ok(ada.post("/api/classes", Client.json("{'group':1,'date':'2026-12-07','minutes':60}")));
    });
  }

  private static void live(Client ada) {
    String text =
        "title: Late Ferry\nstart: weight L\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n";
    ok(ada.post("/api/dances", "{\"stepText\":" + Client.quoted(text) + "}"));
    ok(
        ada.post(
            "/api/groups",
            Client.json(
                "{'name':'Dockside','level':'BEGINNER','weekday':'MONDAY','startsAt':'19:00',"
                    + "'minutes':60,'place':'','version':0}")));
    ok(
        ada.post(
            "/api/groups/1/record",
            Client.json(
                "{'dance':1,'date':'2026-11-17','happened':'TAUGHT','shown':[1],'outcome':'SHAKY','note':'late'}")));
    ok(ada.post("/api/classes", Client.json("{'group':1,'date':'2026-11-30','minutes':60}")));
    ok(ada.post("/api/classes/1/plan", Client.json("{'version':1,'minutes':50}")));
    ok(ada.put("/api/dances/1/watch-outs/1", Client.json("{'note':'left hand','version':0}")));
    ok(
        ada.put(
            "/api/dances/1/teach/saved",
            Client.json(
                "{'version':0,'teach':{'group':1,'minutes':10,'drills':[{'scope':{'kind':'SECTION','from':1,'to':1},"
                    + "'mode':'COUNTS','percent':70,'repetitions':3,'locked':true}]}}")));
  }

  private static void ok(Client.Answer answer) {
    assertEquals(answer.status() / 100, 2, answer.raw().body());
  }
}
