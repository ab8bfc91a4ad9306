package ulnaawl.server;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.ApplicationContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.util.FileSystemUtils;
import org.testng.annotations.BeforeClass;
import tools.jackson.databind.JsonNode;

/**
 * A real server on a free port with a real H2 file, the demo club in it, on a fixed day. All test
 * classes of a process share one, and each finds the club as it was when it had just been loaded.
 * Whoever needs a server of their own says so with {@code @DirtiesContext}: those that set it up in
 * another way, and those that leave more behind than rows (tries that are counted, streams).
 */
@SpringBootTest(
    classes = {UlnaAwl.class, QuickPasswords.class},
    webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
    properties = {
      "ulna.demo=true",
      "ulna.data=${ulna.test.loaded}",
      "ulna.today=" + ServerTest.TODAY
    })
abstract class ServerTest extends AbstractTestNGSpringContextTests {

  static final String TODAY = "2026-11-24";

  static final String PASSWORD = "lantern-light";

  private static final Map<ApplicationContext, KeptClub> KEPT = new HashMap<>();

  @LocalServerPort private int port;

  /** The first to use a server keeps the club as it is; the others find it so. */
  @BeforeClass(dependsOnMethods = "springTestContextPrepareTestInstance")
  void clubAsItWas() {
    ApplicationContext app = Objects.requireNonNull(applicationContext);
    if (KEPT.containsKey(app)) {
      KEPT.get(app).signOutAndPutBack();
    } else {
      KEPT.put(app, KeptClub.of(app));
    }
  }

  @DynamicPropertySource
  static void data(DynamicPropertyRegistry registry) {
    String folder = folder();
    registry.add("ulna.test.loaded", () -> folder);
    registry.add("ulna.test.empty", () -> folder + "-empty");
  }

  private static String folder() {
    try {
      Path folder = Files.createTempDirectory("ulna-test");
      FileSystemUtils.copyRecursively(Loaded.FOLDER, folder);
      return folder.toString();
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  /** The folder of the demo club as it is when it has just been loaded. */
  private static final class Loaded {
    static final Path FOLDER = load();

    private static Path load() {
      try {
        Path folder = Files.createTempDirectory("ulna-test-loaded");
        SpringApplication.run(
                new Class<?>[] {UlnaAwl.class, QuickPasswords.class},
                new String[] {
                  "--server.port=0",
                  "--ulna.demo=true",
                  "--ulna.today=" + TODAY,
                  "--ulna.data=" + folder
                })
            .close();
        return folder;
      } catch (IOException e) {
        throw new AssertionError(e);
      }
    }
  }

  /**
   * The club as it was, in the middle of a test class; whoever is signed in stays so.
   *
   * @param words whether the club's own words may be others
   */
  void putBack(boolean words) {
    Objects.requireNonNull(KEPT.get(Objects.requireNonNull(applicationContext))).putBack(words);
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

  /** What was answered, where that is what was asked for. */
  static JsonNode ok(Client.Answer answer) {
    assertEquals(answer.status() / 100, 2, answer.raw().body());
    return answer.body();
  }
}
