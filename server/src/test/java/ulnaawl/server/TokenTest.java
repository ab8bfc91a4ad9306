package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;
import ulnaawl.server.access.AccessLine;
import ulnaawl.server.access.AccessTable;
import ulnaawl.server.access.TokenScope;
import ulnaawl.server.access.TokenScopes;

/** Programs ask with a token: for what it is for, while it is good, without cookies. */
@DirtiesContext
public class TokenTest extends ServerTest {

  private static final Path GUIDE = Path.of("../docs/api.md");
  private static final Pattern COMMANDS = Pattern.compile("(?s)```sh\\n(.*?)```");
  private static final String NEVER = "00000000000000000000000000000000";

  private static String token(Client of, String scope) {
    Client.Answer made =
        of.post(
            "/api/tokens",
            Client.json("{'label':'a %s program','scope':'%s','days':30}".formatted(scope, scope)));
    assertEquals(made.status(), 201, made.raw().body());
    return made.body().get("word").asString();
  }

  private HttpResponse<String> ask(String method, String path, String token, String body) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create("http://localhost:" + port() + path))
            .header("Authorization", "Bearer " + token)
            .header("Content-Type", "application/json")
            .method(
                method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body));
    try (HttpClient client = HttpClient.newHttpClient()) {
      return client.send(request.build(), BodyHandlers.ofString());
    } catch (IOException | InterruptedException e) {
      throw new AssertionError(e);
    }
  }

  private int status(String method, String path, String token) {
    return ask(method, path, token, method.equals("GET") ? "" : "{}").statusCode();
  }

  @Test
  public void aTokenIsForSomethingAndForAWhile() {
    Client wilma = wilma();
    String read = token(wilma, "READ");
    String lead = token(wilma, "LEAD");
    String write = token(wilma, "WRITE");
    HttpResponse<String> dances = ask("GET", "/api/dances", read, "");
    assertEquals(dances.statusCode(), 200);
    assertTrue(
        dances.headers().allValues("Set-Cookie").stream().noneMatch(it -> it.contains("SESSION")));
    String asked = Client.json("{'dance':2,'askedBy':'a visitor','note':''}");
    assertEquals(ask("POST", "/api/groups/1/requests", read, asked).statusCode(), 403);
    assertEquals(ask("POST", "/api/groups/1/requests", lead, asked).statusCode(), 200);
    String dance =
        "{\"stepText\":\"title: By a program\\ncounts: 8\\nsection 1\\n1-4  vine R, touch L\\n5-8  vine L, touch R\\n\"}";
    assertEquals(ask("POST", "/api/dances", lead, dance).statusCode(), 403);
    assertEquals(ask("POST", "/api/dances", write, dance).statusCode(), 201);
    // Its person's role still counts.
    String viewers = token(viewer(), "WRITE");
    assertEquals(ask("POST", "/api/dances", viewers, dance).statusCode(), 403);
    // What is not known, is no token at all, or was taken back, opens nothing.
    assertEquals(status("GET", "/api/dances", NEVER), 401);
    assertEquals(status("GET", "/api/dances", "../x"), 401);
    long id = wilma.get("/api/tokens").body().get(0).get("id").asLong();
    assertEquals(viewer().delete("/api/tokens/" + id).status(), 404, "only one's own");
    assertEquals(status("GET", "/api/dances", write), 200);
    assertEquals(wilma.delete("/api/tokens/" + id).status(), 204);
    assertEquals(status("GET", "/api/dances", write), 401);
    assertFalse(wilma.get("/api/tokens").raw().body().contains(read), "no copy is kept");
    assertEquals(
        wilma.post("/api/tokens", Client.json("{'label':'x','scope':'READ','days':4000}")).status(),
        422);
  }

  /** Another password ends what was opened with the one before. */
  @Test
  public void anotherPasswordEndsTokens() {
    Client oda = instructor();
    join(oda, "Kit Sorrel", "INSTRUCTOR", "first-evening");
    Client kit = Client.signedIn(port(), "Kit Sorrel", "first-evening");
    String word = token(kit, "READ");
    assertEquals(status("GET", "/api/dances", word), 200);
    assertEquals(
        kit.put(
                "/api/session/password",
                Client.json("{'old':'first-evening','password':'second-evening'}"))
            .status(),
        200);
    assertEquals(status("GET", "/api/dances", word), 401);
  }

  /** Every endpoint of the table, asked with every scope by the owner: the door stays shut. */
  @Test
  public void everyEndpointKeepsToItsScope() {
    Client oda = instructor();
    TokenScopes scopes = TokenScopes.read();
    Set<String> shut =
        Set.of(
            "/api/people",
            "/api/invitations",
            "/api/backups",
            "/api/club/file",
            "/api/tokens",
            "/api/sessions",
            "/api/log",
            "/api/shares",
            "/api/calendars");
    for (TokenScope scope : TokenScope.values()) {
      String word = token(oda, scope.name());
      int open = 0;
      for (AccessLine line : AccessTable.read().lines()) {
        String path = line.path().getPatternString().replaceAll("\\{\\w+}", "987654");
        if (line.isForEverybody() || path.endsWith("/events")) {
          continue;
        }
        boolean allowed = scopes.allow(scope, line.method().name(), path);
        if (shut.stream().anyMatch(it -> path.equals(it) || path.startsWith(it + "/"))) {
          assertFalse(allowed, line.name());
        }
        if (!allowed) {
          HttpResponse<String> answer =
              ask(line.method().name(), path, word, line.method().name().equals("GET") ? "" : "{}");
          assertEquals(answer.statusCode(), 403, scope + " " + line.name());
          assertTrue(answer.body().contains("token is not for that"), answer.body());
        } else {
          open++;
          if (line.method().name().equals("GET")) {
            int got = status("GET", path, word);
            assertTrue(
                got != 401 && got != 403 && got < 500, scope + " " + line.name() + ": " + got);
          }
        }
      }
      assertTrue(open > 40, "and something is open to " + scope);
    }
  }

  /** The guide's commands are run as they stand there. */
  @Test
  public void theGuideDoesWhatItSays() throws IOException, InterruptedException {
    String word = token(instructor(), "WRITE");
    List<String> commands =
        COMMANDS.matcher(Files.readString(GUIDE)).results().map(TokenTest::command).toList();
    assertTrue(commands.size() >= 6);
    for (String command : commands) {
      ProcessBuilder shell = new ProcessBuilder("bash", "-euc", command).redirectErrorStream(true);
      shell.environment().put("CLUB", "http://localhost:" + port());
      shell.environment().put("TOKEN", word);
      Process process = shell.start();
      String said = said(process);
      assertEquals(process.waitFor(), 0, command + said);
      assertTrue(said.startsWith("[") || said.startsWith("{"), command + said);
    }
  }

  private static String command(MatchResult found) {
    return found.group(1);
  }

  private static String said(Process process) {
    try {
      return new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
