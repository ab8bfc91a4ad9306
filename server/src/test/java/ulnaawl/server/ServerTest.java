package ulnaawl.server;

import java.io.IOException;
import java.nio.file.Files;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;

/** A real server on a free port with a real H2 file, the demo club in it, on a fixed day. */
@SpringBootTest(
    classes = UlnaAwl.class,
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = {"ulna.demo=true", "ulna.data=${ulna.test.fresh}", "ulna.today=2026-11-24"})
@DirtiesContext
abstract class ServerTest extends AbstractTestNGSpringContextTests {

  static final String PASSWORD = "lantern-light";

  @LocalServerPort private int port;

  @DynamicPropertySource
  static void data(DynamicPropertyRegistry registry) {
    String folder = folder();
    registry.add("ulna.test.fresh", () -> folder);
  }

  private static String folder() {
    try {
      return Files.createTempDirectory("ulna-test").toString();
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  int port() {
    return port;
  }

  Client nobody() {
    return new Client(port);
  }

  /** Owns the club, and so is an instructor, too. */
  Client instructor() {
    return Client.signedIn(port, "Oda Marsh", PASSWORD);
  }

  /** Owns nothing. */
  Client wilma() {
    return Client.signedIn(port, "Wilma Otterspoor", PASSWORD);
  }

  Client viewer() {
    return Client.signedIn(port, "Bertil Aune", PASSWORD);
  }

  Client coInstructor() {
    return Client.signedIn(port, "Tomas Brandl", PASSWORD);
  }

  /** The owner invites somebody, who joins. */
  Client.Answer join(Client owner, String name, String role, String password) {
    Client.Answer invited =
        owner.post(
            "/api/invitations",
            "{\"name\":%s,\"role\":\"%s\"}".formatted(Client.quoted(name), role));
    if (invited.status() != 201) {
      return invited;
    }
    Client joining = nobody();
    Client.Answer joined =
        joining.post(
            "/api/join",
            "{\"word\":%s,\"name\":%s,\"password\":%s}"
                .formatted(
                    Client.quoted(invited.body().get("word").asString()),
                    Client.quoted(name),
                    Client.quoted(password)));
    joining.delete("/api/session");
    return joined;
  }
}
