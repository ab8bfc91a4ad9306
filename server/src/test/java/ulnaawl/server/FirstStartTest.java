package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import org.springframework.test.context.TestPropertySource;
import org.testng.annotations.Test;

/** A club's own database, empty at first. */
@TestPropertySource(properties = "ulna.demo=false")
public class FirstStartTest extends ServerTest {

  @Test
  public void theFirstInstructorIsMadeInTheBrowser() {
    Client first = nobody();
    assertTrue(first.get("/api/session").body().get("needsSetup").asBoolean());
    assertEquals(
        first.post("/api/setup", Client.json("{'name':'Ada Quill','password':'short'}")).status(),
        422);
    assertEquals(
        first
            .post("/api/setup", Client.json("{'name':'Ada Quill','password':'long enough'}"))
            .status(),
        201);
    assertEquals(first.get("/api/dances").body().size(), 0);
    assertEquals(first.get("/api/session").body().get("role").asString(), "INSTRUCTOR");
    assertEquals(
        first
            .post(
                "/api/people",
                Client.json("{'name':'Bo Finch','password':'long enough','role':'CO_INSTRUCTOR'}"))
            .status(),
        201);
    assertEquals(
        first
            .post(
                "/api/people",
                Client.json("{'name':'bo finch','password':'long enough','role':'CO_INSTRUCTOR'}"))
            .status(),
        409);
    Client second = Client.signedIn(port(), "Bo Finch", "long enough");
    assertEquals(second.get("/api/session").body().get("role").asString(), "CO_INSTRUCTOR");
    assertEquals(
        nobody().post("/api/setup", Client.json("{'name':'Cy','password':'long enough'}")).status(),
        409);
  }
}
