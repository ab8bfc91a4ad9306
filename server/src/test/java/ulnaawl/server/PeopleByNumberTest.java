package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import org.jooq.DSLContext;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/**
 * Somebody is a number, and is called what they are called now: what is theirs stays theirs under
 * any name, and nothing is theirs because it is called like them.
 */
@DirtiesContext
public class PeopleByNumberTest extends ServerTest {

  private static final String DANCE =
      "{\"stepText\":\"title: %s\\nsection 1\\n1-4  vine R, touch L\\n5-8  vine L, touch R\\n\"}";

  /** Who asked for a dance is a dancer, in words; whatever else says who is a number. */
  private static final Set<String> WORDS = Set.of("DANCE_REQUEST.ASKED_BY");

  @Autowired private DSLContext database;

  private JsonNode person(String name) {
    return StreamSupport.stream(ok(instructor().get("/api/people")).spliterator(), false)
        .filter(it -> it.get("name").asString().equals(name))
        .findFirst()
        .orElseThrow(() -> new AssertionError("There is no " + name));
  }

  private Client come(String name, String role) {
    assertEquals(join(instructor(), name, role, PASSWORD).status(), 201);
    return Client.signedIn(port(), name, PASSWORD);
  }

  private long rename(String name, String other) {
    return become(name, other, person(name).at("/role/code").asString());
  }

  private long become(String name, String other, String role) {
    JsonNode now = person(name);
    String body =
        "{\"name\":%s,\"role\":\"%s\",\"version\":%s}"
            .formatted(Client.quoted(other), role, now.get("version"));
    ok(instructor().put("/api/people/" + now.get("id"), body));
    return now.get("id").asLong();
  }

  private void leave(String name, boolean forget) {
    JsonNode now = person(name);
    String address = "/api/people/%s?version=%s&forget=%s";
    assertEquals(
        instructor().delete(address.formatted(now.get("id"), now.get("version"), forget)).status(),
        204);
  }

  @Test
  public void everyColumnThatSaysWhoIsANumberOfAPerson() {
    List<String> wrong =
        database
            .resultQuery(
                """
                select c.table_name || '.' || c.column_name from information_schema.columns c
                where c.table_schema = 'PUBLIC'
                  and (c.column_name like '%\\_BY' escape '\\'
                    or c.column_name in ('BY_PERSON', 'FOR_PERSON', 'PERSON_ID', 'ASKED'))
                  and not exists (
                    select 1 from information_schema.key_column_usage k
                    join information_schema.referential_constraints r
                      on r.constraint_name = k.constraint_name
                    join information_schema.table_constraints u
                      on u.constraint_name = r.unique_constraint_name
                    where k.table_name = c.table_name and k.column_name = c.column_name
                      and u.table_name = 'PERSON')
                """)
            .fetchInto(String.class);
    assertEquals(Set.copyOf(wrong), WORDS);
  }

  /** A song, a dance and a group that are called like somebody keep their titles. */
  @Test
  public void whatIsCalledLikeSomebodyIsNotRenamedWithThem() {
    Client oda = instructor();
    come("Maple Street", "INSTRUCTOR");
    String group =
        "{'name':'Maple Street','level':'BEGINNER','weekday':'SUNDAY','startsAt':'10:00','minutes':60,'place':'%s','version':%d}";
    long id = ok(oda.post("/api/groups", Client.json(group.formatted("", 0)))).get("id").asLong();
    ok(oda.put("/api/groups/" + id, Client.json(group.formatted("upstairs", 1))));
    long dance = ok(oda.post("/api/dances", DANCE.formatted("Maple Street"))).get("id").asLong();
    rename("Maple Street", "Maja Street");
    ok(oda.post("/api/groups/" + id + "/bring-back", Client.json("{'version':2,'to':1}")));
    assertEquals(ok(oda.get("/api/groups/" + id)).at("/group/name").asString(), "Maple Street");
    assertTrue(
        ok(oda.get("/api/dances/" + dance)).get("stepText").asString().contains("Maple Street"));
    assertEquals(
        ok(oda.get("/api/history/DANCE/" + dance)).at("/0/subject").asString(), "Maple Street");
  }

  /** Led classes, waiting logs, notes and links stay with whoever is called otherwise meanwhile. */
  @Test
  public void whoIsCalledOtherwiseKeepsWhatIsTheirs() {
    Client jo = come("Jo Kettler", "INSTRUCTOR");
    Client oda = instructor();
    JsonNode sheet =
        ok(oda.post("/api/classes", Client.json("{'group':2,'date':'2026-11-22','minutes':60}")));
    String address = "/api/classes/" + sheet.get("id");
    long id = person("Jo Kettler").get("id").asLong();
    ok(oda.put(address + "/leader", Client.json("{'version':1,'leader':{'id':%d}}".formatted(id))));
    ok(jo.post(address + "/brief/notes", Client.json("{'text':'Bring the spare cable.'}")));
    String share = Client.json("{'kind':'SHEET','dance':1,'days':7}");
    ok(jo.post("/api/shares", share));

    assertEquals(rename("Jo Kettler", "Jo Halloran"), id);
    JsonNode shares = ok(jo.get("/api/shares"));
    assertEquals(shares.size(), 1, shares.toString());
    assertEquals(jo.delete("/api/shares/" + shares.at("/0/id")).status(), 204);
    assertEquals(become("Jo Halloran", "Jo Halloran", "CO_INSTRUCTOR"), id);
    String log = "{'version':2,'key':'phone-of-jo','note':'','lines':[],'ledBy':{'id':%d}}";
    JsonNode written = ok(jo.post(address + "/record", Client.json(log.formatted(id))));
    assertEquals(written.at("/recordedBy/name").asString(), "Jo Halloran");
    JsonNode note = ok(jo.get(address + "/brief")).at("/notes/0");
    assertTrue(note.get("mine").asBoolean());
    assertEquals(note.at("/by/name").asString(), "Jo Halloran");
    assertEquals(jo.delete(address + "/record?version=3").status(), 200);
  }

  /** Whoever comes under the name of somebody who was forgotten is somebody else. */
  @Test
  public void twoOfOneNameOneAfterTheOtherAreTwo() {
    Client first = come("Ruth Vale", "INSTRUCTOR");
    long dance =
        ok(instructor().post("/api/dances", DANCE.formatted("Before Ruth"))).get("id").asLong();
    ok(
        first.post(
            "/api/shares", Client.json("{'kind':'SHEET','dance':%d,'days':7}".formatted(dance))));
    long before = person("Ruth Vale").get("id").asLong();
    leave("Ruth Vale", true);
    Client second = come("Ruth Vale", "INSTRUCTOR");
    assertFalse(person("Ruth Vale").get("id").asLong() == before);
    assertEquals(ok(second.get("/api/shares")).size(), 0, "the first one's link is not hers");
    Set<String> makers =
        StreamSupport.stream(ok(instructor().get("/api/shares")).spliterator(), false)
            .map(it -> it.at("/by/name").asString())
            .collect(Collectors.toSet());
    assertTrue(makers.contains("a former leader"), makers.toString());
  }

  /** Those who have left can be forgotten later, too. */
  @Test
  public void whoLeftIsNamedUntilAnOwnerForgetsThem() {
    Client sten = come("Sten Ahl", "INSTRUCTOR");
    long dance = ok(sten.post("/api/dances", DANCE.formatted("Stens"))).get("id").asLong();
    leave("Sten Ahl", false);
    JsonNode left =
        StreamSupport.stream(ok(instructor().get("/api/people/left")).spliterator(), false)
            .filter(it -> it.get("name").asString().equals("Sten Ahl"))
            .findFirst()
            .orElseThrow();
    String address = "/api/people/left/%s?version=".formatted(left.get("id"));
    assertEquals(instructor().delete(address + 99).status(), 409, "an old version");
    assertEquals(instructor().delete(address + left.get("version")).status(), 204);
    assertEquals(instructor().delete(address + left.get("version")).status(), 404, "once");
    assertEquals(
        ok(instructor().get("/api/dances/" + dance)).at("/updatedBy/name").asString(),
        "a former leader");
    assertFalse(ok(instructor().get("/api/people/left")).toString().contains("Sten"));
  }

  /** While somebody writes, an owner calls them otherwise again and again: nothing is lost. */
  @Test
  public void aNameThatChangesUnderLoadLosesNothing() throws Exception {
    Client una = come("Una One", "INSTRUCTOR");
    List<Future<Long>> written = new ArrayList<>();
    long id;
    try (ExecutorService busy = Executors.newFixedThreadPool(4)) {
      for (int i = 0; i < 24; i++) {
        String title = "Under load " + i;
        written.add(
            busy.submit(
                () -> ok(una.post("/api/dances", DANCE.formatted(title))).get("id").asLong()));
      }
      id = rename("Una One", "Una Two");
      rename("Una Two", "Una Three");
      rename("Una Three", "Una Four");
    }
    for (Future<Long> dance : written) {
      JsonNode writer = ok(una.get("/api/dances/" + dance.resultNow())).get("updatedBy");
      assertEquals(writer.get("id").asLong(), id);
      assertEquals(writer.get("name").asString(), "Una Four");
    }
  }
}
