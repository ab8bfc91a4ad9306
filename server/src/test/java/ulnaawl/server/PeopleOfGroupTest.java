package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What people say against the record, ask for, and when they come; today is 24 November 2026. */
public class PeopleOfGroupTest extends ServerTest {

  private static String group(Client client, String name) {
    Client.Answer answer =
        client.post(
            "/api/groups",
            Client.json(
                "{'name':'%s','level':'IMPROVER','weekday':'FRIDAY','startsAt':'18:30','minutes':75,'place':'Mill Loft','version':0}"
                    .formatted(name)));
    assertEquals(answer.status(), 201, answer.raw().body());
    return "/api/groups/" + answer.body().get("id").asLong();
  }

  private static void record(Client client, String group, String date, String happened) {
    Client.Answer answer =
        client.post(
            group + "/record",
            Client.json(
                "{'dance':1,'date':'%s','happened':'%s','shown':[1],'outcome':'SOLID','note':''}"
                    .formatted(date, happened)));
    assertEquals(answer.status(), 200, answer.raw().body());
  }

  private static JsonNode dance(Client client, String group) {
    return client.get(group).body().at("/dances/0");
  }

  @Test
  public void whatAPersonSaysStandsBesideTheRecordAndCanBeTakenBack() {
    Client wilma = wilma();
    String group = group(instructor(), "Rulers");
    record(wilma, group, "2026-11-20", "TAUGHT");
    assertEquals(dance(wilma, group).get("stage").asString(), "TAUGHT");
    Client.Answer ruled =
        wilma.put(
            group + "/rulings/1", Client.json("{'stage':'KNOWN','note':'They had it in spring.'}"));
    assertEquals(ruled.status(), 204, ruled.raw().body());
    JsonNode now = dance(wilma, group);
    assertEquals(now.get("stage").asString(), "KNOWN");
    assertEquals(now.at("/ruling/fromRecord").asString(), "TAUGHT");
    assertEquals(now.at("/ruling/by/name").asString(), "Wilma Otterspoor");
    String told =
        now.get("reasons").valueStream().map(it -> it.get("text").asString()).toList() + "";
    assertTrue(told.contains("They had it in spring."), told);
    assertEquals(
        wilma.put(group + "/rulings/1", Client.json("{'stage':'RETIRED','note':''}")).status(),
        204);
    JsonNode retired = dance(wilma, group);
    assertEquals(retired.get("stage").asString(), "RETIRED");
    assertFalse(retired.has("due"), "what is retired does not come back by itself");
    assertEquals(
        wilma.put(group + "/rulings/1", Client.json("{'stage':'NOT_STARTED','note':''}")).status(),
        422);
    assertEquals(wilma.delete(group + "/rulings/1").status(), 204);
    assertEquals(dance(wilma, group).get("stage").asString(), "TAUGHT");
    assertEquals(wilma.delete(group + "/rulings/1").status(), 404);
  }

  @Test
  public void aRequestStandsUntilTheDanceIsDanced() {
    Client oda = instructor();
    String group = group(oda, "Askers");
    String ask = Client.json("{'dance':1,'askedBy':'Fay','note':'for her birthday'}");
    JsonNode list = oda.post(group + "/requests", ask).body();
    assertEquals(list.at("/0/askedBy").asString(), "Fay");
    assertFalse(list.get(0).has("answeredOn"));
    record(oda, group, "2026-11-24", "DANCED");
    assertEquals(oda.get(group + "/requests").body().at("/0/answeredOn").asString(), "2026-11-24");
    long id = list.at("/0/id").asLong();
    assertEquals(oda.delete(group + "/requests/" + id).body().size(), 0);
    assertEquals(oda.delete(group + "/requests/" + id).status(), 404);
    assertEquals(
        oda.post(group + "/requests", Client.json("{'dance':1,'askedBy':' ','note':''}")).status(),
        422);
  }

  @Test
  public void whoCameDecidesWhatTheGroupHasLearned() {
    Client oda = instructor();
    String group = group(oda, "Comers");
    assertEquals(oda.get(group + "/register").body().get("kind").asString(), "NOTHING");
    assertEquals(
        oda.post(group + "/register/dancers", Client.json("{'name':'Ada'}")).status(), 422);
    oda.put(group + "/register", Client.json("{'kind':'NAMES'}"));
    long[] ids = new long[4];
    for (int i = 0; i < ids.length; i++) {
      JsonNode dancers =
          oda.post(group + "/register/dancers", Client.json("{'name':'Dancer %d'}".formatted(i)))
              .body()
              .get("dancers");
      ids[i] = dancers.get(dancers.size() - 1).get("id").asLong();
    }
    assertEquals(
        oda.post(group + "/register/dancers", Client.json("{'name':'dancer 1'}")).status(), 409);
    record(oda, group, "2026-11-13", "TAUGHT");
    came(oda, group, "2026-11-13", ids[0]);
    came(oda, group, "2026-11-20", ids);
    came(oda, group, "2026-11-06", ids);
    JsonNode taught = dance(oda, group);
    assertEquals(taught.at("/coverage/there").asInt(), 1);
    assertEquals(taught.at("/coverage/of").asInt(), 4);
    assertEquals(taught.get("stage").asString(), "STARTED", "half taught");
    String again = Client.json("{'there':[%d],'version':0}".formatted(ids[0]));
    assertEquals(oda.put(group + "/register/days/2026-11-13", again).status(), 409);
    String heads = Client.json("{'heads':3,'version':1}");
    assertEquals(oda.put(group + "/register/days/2026-11-13", heads).status(), 200);
    assertEquals(dance(oda, group).at("/coverage/there").asInt(), 3);
    assertEquals(
        oda.put(group + "/register/days/2026-12-04", Client.json("{'heads':3,'version':0}"))
            .status(),
        422);
    assertEquals(
        coInstructor().put(group + "/register", Client.json("{'kind':'NOTHING'}")).status(), 403);
  }

  private static void came(Client client, String group, String day, long... who) {
    String list = java.util.Arrays.toString(who);
    Client.Answer answer =
        client.put(
            group + "/register/days/" + day,
            Client.json("{'there':%s,'version':0}".formatted(list)));
    assertEquals(answer.status(), 200, answer.raw().body());
  }

  /** What is asked for comes first; what has been danced is known by its figures. */
  @Test
  public void whatComesNextHasItsReasons() {
    Client oda = instructor();
    String group = group(oda, "Goers on");
    JsonNode before = oda.get(group + "/next").body();
    assertTrue(before.size() > 3, before.toString());
    long wanted = before.at("/2/dance").asLong();
    for (String who : new String[] {"Fay", "Gus", "Hal"}) {
      oda.post(
          group + "/requests",
          Client.json("{'dance':%d,'askedBy':'%s','note':''}".formatted(wanted, who)));
    }
    JsonNode now = oda.get(group + "/next").body();
    assertEquals(now.at("/0/dance").asLong(), wanted);
    assertTrue(now.at("/0/reasons").toString().contains("Asked for by 3 dancers"), now.toString());
    assertFalse(oda.get(group + "/vocabulary").raw().body().contains("\"how\":"));
    record(oda, group, "2026-11-20", "DANCED");
    assertTrue(oda.get(group + "/vocabulary").raw().body().contains("\"how\":"));
  }

  /** One action deletes a name in every group, from every class and from every request. */
  @Test
  public void whoIsRemovedIsGoneEverywhere() {
    Client oda = instructor();
    String one = group(oda, "Leavers");
    String two = group(oda, "Leavers too");
    for (String group : new String[] {one, two}) {
      oda.put(group + "/register", Client.json("{'kind':'NAMES'}"));
      JsonNode dancer =
          oda.post(group + "/register/dancers", Client.json("{'name':'Uma Leaving'}"))
              .body()
              .at("/dancers/0");
      came(oda, group, "2026-11-20", dancer.get("id").asLong());
      oda.post(group + "/requests", Client.json("{'dance':1,'askedBy':'uma leaving','note':''}"));
    }
    long id = oda.get(one + "/register").body().at("/dancers/0/id").asLong();
    assertEquals(oda.delete(one + "/register/dancers/" + id).status(), 200);
    for (String group : new String[] {one, two}) {
      String register = oda.get(group + "/register").raw().body();
      assertFalse(register.contains("Uma"), register);
      String requests = oda.get(group + "/requests").raw().body();
      assertFalse(requests.contains("uma"), requests);
      assertTrue(requests.contains("somebody"), requests);
    }
    String log = oda.get("/api/history").raw().body();
    assertFalse(log.contains("Uma"), log);
  }
}
