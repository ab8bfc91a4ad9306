package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** An invented club beside one's own: another process, another folder, gone without a trace. */
@DirtiesContext
public class SampleTest extends ServerTest {

  @Test
  public void isBesideTheClubAndLeavesNothing() {
    Installation own = Installation.fresh();
    Path folder = own.data().resolve("sample");
    ProcessHandle[] sample = new ProcessHandle[1];
    own.open(port -> {
      Client ada = Installation.setUp(port, "Ada Brook", "first-evening");
      assertEquals(ada.get("/api/sample").body().get("state").asString(), "CLOSED");
      JsonNode open = opened(ada);
      Client visitor = ada.at(open.get("port").asInt());
      String word = open.get("password").asString();
      assertTrue(visitor.get("/api/session").body().get("invented").asBoolean());
      visitor.signIn("Wilma Otterspoor", word);
      assertEquals(visitor.get("/api/dances").body().size(), 24);
      assertEquals(visitor.get("/api/sample").body().has("port"), false, "no sample in a sample");
      assertEquals(visitor.post("/api/sample", "").status(), 422);

      assertEquals(ada.get("/api/session").body().get("name").asString(), "Ada Brook", "stays in");
      assertFalse(ada.get("/api/session").body().get("invented").asBoolean());
      assertEquals(ada.get("/api/dances").body().size(), 0);
      Client guesser = new Client(open.get("port").asInt());
      String known = Client.json("{'name':'Wilma Otterspoor','password':'lantern-light'}");
      assertEquals(guesser.post("/api/session", known).status(), 401, "another word each time");

      assertTrue(Files.isDirectory(folder));
      sample[0] = child().orElseThrow();
    });
    assertFalse(sample[0].isAlive(), "goes with the server");
    assertFalse(Files.exists(folder));
  }

  @Test
  public void isNotOfferedWhereItCannotBe() {
    JsonNode now = wilma().get("/api/sample").body();
    assertEquals(now.get("whyNot").asString(), "This is the invented club.");
    assertEquals(wilma().post("/api/sample", "").status(), 422);
  }

  private static JsonNode opened(Client by) {
    assertEquals(by.post("/api/sample", "").status(), 202);
    Eventually.is(
        () -> !by.get("/api/sample").body().get("state").asString().equals("OPENING"),
        "it opens, or says why not");
    JsonNode now = by.get("/api/sample").body();
    assertEquals(now.get("state").asString(), "OPEN", now.toString());
    return now;
  }

  private static Optional<ProcessHandle> child() {
    return ProcessHandle.current().children().filter(ProcessHandle::isAlive).findFirst();
  }
}
