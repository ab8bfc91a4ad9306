package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Who comes into the club, who leads which class, and who stands in. */
public class LeadersTest extends ServerTest {

  private JsonNode planned(String group, String date) {
    return ok(
        wilma()
            .post(
                "/api/classes",
                Client.json("{'group':%s,'date':'%s','minutes':60}".formatted(group, date))));
  }

  private static List<String> names(JsonNode list, boolean free) {
    List<String> names = new ArrayList<>();
    for (JsonNode one : list.get("people")) {
      if (one.get("free").asBoolean() == free) {
        names.add(one.at("/person/name").asString());
      }
    }
    return names;
  }

  @Test
  public void whoIsFreeAndKnowsTheDancesComesFirst() {
    JsonNode sheet = planned("2", "2027-03-02");
    String address = "/api/classes/" + sheet.get("id").asLong();
    Client tomas = coInstructor();
    JsonNode all = ok(tomas.get(address + "/stand-ins"));
    assertTrue(all.get("open").asBoolean(), "nobody leads it yet");
    assertFalse(all.toString().contains("Bertil Aune"), "who looks on leads nothing");
    assertTrue(
        names(all, true).containsAll(List.of("Oda Marsh", "Ines Kallas", "Tomas Brandl")),
        all.toString());

    Client ines = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    String away = "{'from':'2027-03-01','to':'2027-03-05','note':'in the mountains'}";
    assertEquals(ines.post("/api/away", Client.json(away)).status(), 204);
    JsonNode without = ok(tomas.get(address + "/stand-ins"));
    assertEquals(names(without, false), List.of("Ines Kallas"));
    assertTrue(without.toString().contains("Is away from 1 March to 5 March."), without.toString());
    String her = "{'version':1,'leader':{'id':4}}";
    Client.Answer refused = wilma().put(address + "/leader", Client.json(her));
    assertEquals(refused.status(), 422);
    assertTrue(refused.detail().contains("away"), refused.detail());

    // She leads it first, then says that she cannot: it is open again, and Tomas takes it.
    JsonNode days = ok(tomas.get("/api/away"));
    JsonNode last = days.get(days.size() - 1);
    long row = last.get("id").asLong();
    assertEquals(last.get("from").asString(), "2027-03-01");
    assertFalse(last.get("mine").asBoolean());
    assertEquals(tomas.delete("/api/away/" + row).status(), 404, "only one's own");
    assertEquals(ines.delete("/api/away/" + row).status(), 204);
    ok(wilma().put(address + "/leader", Client.json(her)));
    String him = "{'version':2,'leader':{'id':3}}";
    assertEquals(tomas.put(address + "/leader", Client.json(him)).status(), 403, "hers");
    assertEquals(ines.post("/api/away", Client.json(away)).status(), 204);
    assertTrue(ok(tomas.get(address + "/stand-ins")).get("open").asBoolean());
    assertEquals(
        ok(tomas.put(address + "/leader", Client.json(him))).at("/leader/name").asString(),
        "Tomas Brandl");
    assertEquals(ines.post("/api/away", Client.json(away.replace("03-05", "02-05"))).status(), 422);
  }

  @Test
  public void nobodyLeadsTwoClassesAtOnce() {
    Client oda = instructor();
    String group =
        "{'name':'Tuesday too','level':'BEGINNER','weekday':'TUESDAY','startsAt':'20:00','minutes':60,'place':'','version':0}";
    long other = ok(oda.post("/api/groups", Client.json(group))).get("id").asLong();
    JsonNode one = planned("2", "2027-03-09");
    JsonNode two = planned(String.valueOf(other), "2027-03-09");
    String him = "{'version':1,'leader':{'id':3}}";
    ok(oda.put("/api/classes/" + one.get("id").asLong() + "/leader", Client.json(him)));
    Client.Answer twice =
        oda.put("/api/classes/" + two.get("id").asLong() + "/leader", Client.json(him));
    assertEquals(twice.status(), 422);
    assertEquals(twice.detail(), "Tomas Brandl leads Tuesday Steppers at that time.");
  }

  @Test
  public void anInvitationIsGoodOnceUntilItIsTakenBack() {
    Client oda = instructor();
    String form = "{'name':'Greta Holm','role':'CO_INSTRUCTOR'}";
    String word = ok(oda.post("/api/invitations", Client.json(form))).get("word").asString();
    assertEquals(word.length(), 32, "128 bits");
    String look = "{\"word\":\"%s\"}".formatted(word);
    JsonNode welcome = ok(nobody().post("/api/join/look", look));
    assertEquals(welcome.at("/by/name").asString(), "Oda Marsh");
    assertEquals(welcome.get("name").asString(), "Greta Holm");
    String join = "{\"word\":\"%s\",\"name\":\"%s\",\"password\":\"%s\"}";
    assertEquals(
        nobody().post("/api/join", join.formatted(word, "Greta Holm", "password1")).status(),
        422,
        "too easy, and the link stays good");
    assertEquals(
        nobody().post("/api/join", join.formatted(word, "Oda Marsh", PASSWORD)).status(), 409);
    Client greta = nobody();
    assertEquals(
        greta.post("/api/join", join.formatted(word, "Greta Holm", PASSWORD)).status(), 201);
    assertEquals(
        ok(greta.get("/api/session")).at("/role/code").asString(), "CO_INSTRUCTOR", "signed in");
    assertEquals(nobody().post("/api/join/look", look).status(), 422, "once");

    String next =
        ok(oda.post("/api/invitations", Client.json(form.replace("Greta", "Gerd"))))
            .get("word")
            .asString();
    JsonNode open = ok(oda.get("/api/invitations"));
    assertFalse(open.toString().contains(next), "no copy is kept");
    assertEquals(oda.delete("/api/invitations/" + open.get(0).get("id").asLong()).status(), 204);
    assertEquals(
        nobody().post("/api/join", join.formatted(next, "Gerd Holm", PASSWORD)).status(), 422);
  }

  @Test
  public void aNameOfTheRecordsComesBackOnlyWhereTheOwnerSaysSo() {
    Client oda = instructor();
    assertEquals(join(oda, "Rolf Berg", "INSTRUCTOR", PASSWORD).status(), 201);
    for (JsonNode one : ok(oda.get("/api/people"))) {
      if (one.get("name").asString().equals("Rolf Berg")) {
        assertTrue(one.has("lastSeen"), one.toString());
        String gone = "/api/people/" + one.get("id") + "?version=" + one.get("version");
        assertEquals(oda.delete(gone).status(), 204);
      }
    }
    String anybody =
        ok(oda.post("/api/invitations", Client.json("{'name':'','role':'VIEWER'}")))
            .get("word")
            .asString();
    String thief =
        "{\"word\":\"%s\",\"name\":\"Rolf Berg\",\"password\":\"%s\"}".formatted(anybody, PASSWORD);
    assertEquals(nobody().post("/api/join", thief).status(), 409, "not with anybody's link");
    assertEquals(join(oda, "Rolf Berg", "VIEWER", PASSWORD).status(), 201, "he is back");
  }

  @Test
  public void oneSignsOutEverywhereElse() {
    Client here = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    Client there = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    assertEquals(here.delete("/api/sessions").status(), 204);
    assertEquals(here.get("/api/dances").status(), 200);
    assertEquals(there.get("/api/dances").status(), 401);
  }

  /** Names of dancers are for those who lead. */
  @Test
  public void whoLooksOnSeesNoDancer() {
    Client bertil = viewer();
    List<String> dancers = new ArrayList<>();
    for (int group = 1; group <= 3; group++) {
      for (JsonNode one :
          ok(instructor().get("/api/groups/" + group + "/register")).get("dancers")) {
        dancers.add(one.get("name").asString());
      }
      for (JsonNode one : ok(instructor().get("/api/groups/" + group + "/requests"))) {
        dancers.add(one.get("askedBy").asString());
      }
      assertEquals(bertil.get("/api/groups/" + group + "/register").status(), 403);
      assertEquals(bertil.get("/api/groups/" + group + "/requests").status(), 403);
    }
    assertTrue(dancers.size() > 3, "there are names to be seen");
    List<String> pages = new ArrayList<>(List.of("/api/groups", "/api/classes"));
    for (int id = 1; id <= 3; id++) {
      for (String page :
          List.of(
              "groups/%d",
              "classes/%d",
              "groups/%d/next",
              "groups/%d/progress",
              "history/REGISTER/%d",
              "history/GROUP/%d",
              "history/CLASS/%d")) {
        pages.add("/api/" + page.formatted(id));
      }
    }
    for (String page : pages) {
      String seen = bertil.get(page).raw().body();
      for (String dancer : dancers) {
        assertFalse(
            seen.contains("\"" + dancer) || seen.contains(" " + dancer), page + ": " + dancer);
      }
    }
  }
}
