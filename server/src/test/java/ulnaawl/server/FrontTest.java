package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.net.SocketException;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;

/** The server's front: whoever is slow waits alone, and odd requests get proper answers. */
@DirtiesContext
public class FrontTest extends ServerTest {

  private static final int SLOW = 1_000;
  private static final int QUESTIONS = 40;

  private Socket open(String beginning) throws IOException {
    Socket socket = new Socket(InetAddress.getLoopbackAddress(), port());
    socket.getOutputStream().write(beginning.getBytes(StandardCharsets.ISO_8859_1));
    socket.getOutputStream().flush();
    return socket;
  }

  /**
   * Others are answered while these are on their way: had they waited for them, all of these would
   * have been ended by then, which takes the server ten seconds or more.
   */
  private static void othersAreAnsweredMeanwhile(Client other, List<Socket> slow)
      throws IOException {
    assertEquals(other.get("/api/groups").status(), 200);
    int waiting = 0;
    for (Socket one : slow) {
      waiting += isWaiting(one) ? 1 : 0;
    }
    assertTrue(waiting > 0, "others waited until all of these had been ended");
    for (int i = 0; i < QUESTIONS; i++) {
      assertEquals(other.get("/api/groups").status(), 200);
    }
  }

  private static boolean isWaiting(Socket socket) throws IOException {
    try {
      socket.setSoTimeout(1);
      socket.getInputStream().read();
      return false;
    } catch (SocketTimeoutException nothingYet) {
      return true;
    } catch (SocketException ended) {
      return false;
    }
  }

  private static void closeAll(List<Socket> sockets) throws IOException {
    for (Socket socket : sockets) {
      socket.close();
    }
  }

  @Test
  public void unfinishedBodiesKeepNobodyWaiting() throws IOException {
    Client other = instructor();
    Client stranger = nobody();
    stranger.get("/api/session");
    List<Socket> slow = new ArrayList<>();
    for (int i = 0; i < SLOW; i++) {
      slow.add(
          open(
              "POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\n"
                  + stranger.headOfWrite()
                  + "Content-Length: 16000\r\n\r\n{"));
    }
    othersAreAnsweredMeanwhile(other, slow);
    closeAll(slow);
  }

  /** Neither what a stranger announces nor what a colleague leaves unfinished is in others' way. */
  @Test
  public void largeBodiesTakeNothingFromSmallOnes() throws IOException {
    String head = " HTTP/1.1\r\nHost: x\r\nContent-Type: application/octet-stream\r\n";
    for (String path : List.of("/api/club/file", "/api/songs", "/api/session")) {
      String refused = firstLine("POST " + path + head + "Content-Length: 20000\r\n\r\n{");
      assertTrue(refused.matches("HTTP/1.1 (401|403|413).*"), path + ": " + refused);
    }
    Client oda = instructor();
    String file =
        "POST /api/club/file/look" + head + oda.headOfWrite() + "Content-Length: 24000000\r\n\r\n";
    List<Socket> unfinished = List.of(open(file), open(file));
    for (Socket one : unfinished) {
      one.getOutputStream().write(new byte[7_000_000]);
    }
    Client tomas = Client.signedIn(port(), "Tomas Brandl", PASSWORD);
    String text = Client.json("{'stepText':'section 1'}");
    assertEquals(tomas.post("/api/writing/check", text).status(), 200);
    for (Socket one : unfinished) {
      assertTrue(isWaiting(one), "it is let come to its end");
    }
    String third = firstLine(file + "x".repeat(3_000_000));
    assertTrue(third.startsWith("HTTP/1.1 503"), third);
    assertEquals(oda.post("/api/writing/check", text).status(), 200);
    closeAll(unfinished);
  }

  @Test
  public void unfinishedHeadersKeepNobodyWaiting() throws IOException {
    Client other = instructor();
    List<Socket> slow = new ArrayList<>();
    for (int i = 0; i < SLOW; i++) {
      slow.add(open("GET /api/session HTTP/1.1\r\nHost: x\r\nX-Slow: "));
    }
    othersAreAnsweredMeanwhile(other, slow);
    closeAll(slow);
  }

  @Test
  public void whoDoesNotReadTheAnswerKeepsNobodyWaiting() throws IOException {
    Client other = instructor();
    List<Socket> slow = new ArrayList<>();
    // More than the buffers of a connection hold: the server is left with the rest of it.
    String ask = "GET " + script() + " HTTP/1.1\r\nHost: x\r\n\r\n";
    for (int i = 0; i < SLOW; i++) {
      slow.add(open(ask.repeat(20)));
    }
    for (int i = 0; i < QUESTIONS; i++) {
      assertEquals(other.get("/api/groups").status(), 200);
    }
    closeAll(slow);
  }

  /** Where the first script of the pages lies. */
  private String script() {
    String page = nobody().get("/").raw().body();
    return page.replaceAll("(?s).*?src=\"(/assets/[\\w.-]+\\.js)\".*", "$1");
  }

  private String firstLine(String request) throws IOException {
    try (Socket socket = open(request)) {
      socket.setSoTimeout(15_000);
      InputStream in = socket.getInputStream();
      StringBuilder line = new StringBuilder();
      for (int sign = in.read(); sign >= 0 && sign != '\r'; sign = in.read()) {
        line.append((char) sign);
      }
      return line.toString();
    }
  }

  @Test
  public void whatThePagesAreMadeOfIsPackedAndKeptForGood() throws IOException {
    String script = script();
    for (String coding : List.of("br", "gzip", "identity")) {
      String answer =
          whole(
              "GET "
                  + script
                  + " HTTP/1.1\r\nHost: x\r\nAccept-Encoding: "
                  + coding
                  + "\r\nConnection: close\r\n\r\n");
      String head = answer.substring(0, answer.indexOf("\r\n\r\n"));
      assertTrue(head.startsWith("HTTP/1.1 200"), head);
      assertTrue(head.contains("immutable") && head.contains("nosniff"), head);
      assertEquals(head.contains("Content-Encoding: " + coding), !coding.equals("identity"), head);
    }
  }

  @Test
  public void whoWatchesTheServerHearsHowItIsAndNothingElse() {
    Client.Answer health = nobody().get("/health");
    assertEquals(health.status(), 200);
    assertEquals(health.raw().body(), "{\"status\":\"UP\"}");
  }

  @Test
  public void oddRequestsGetProperAnswers() throws IOException {
    String end = " HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n";
    assertTrue(firstLine("HEAD /" + end).contains(" 200"), firstLine("HEAD /" + end));
    for (String path : List.of("/error", "/no/such.file", "/api/nothing", "/assets/none.js")) {
      String line = firstLine("GET " + path + end);
      assertTrue(line.matches("HTTP/1.1 (404|401).*"), path + ": " + line);
    }
    for (String path : List.of("/%00", "/a%00b", "/api/dances/%00", "/..%2f..%2fetc", "/a;b=c")) {
      String line = firstLine("GET " + path + end);
      assertTrue(line.matches("HTTP/1.1 4\\d\\d.*"), path + ": " + line);
    }
    assertTrue(firstLine("BREW /tea" + end).matches("HTTP/1.1 4\\d\\d.*"));
    assertTrue(firstLine("TRACE /" + end).matches("HTTP/1.1 4\\d\\d.*"));
  }

  @Test
  public void aProxyThatNobodyNamedIsNotBelieved() throws IOException {
    String body = "{\"name\":\"Oda Marsh\",\"password\":\"lantern-light\"}";
    String answer =
        whole(
            "GET /api/session HTTP/1.1\r\nHost: x\r\nX-Forwarded-Proto: https\r\n"
                + "X-Forwarded-For: 192.0.2.1\r\nConnection: close\r\n\r\n");
    assertTrue(answer.contains("XSRF-TOKEN="), answer);
    assertFalse(answer.contains("Secure"), answer + body);
  }

  private String whole(String request) throws IOException {
    try (Socket socket = open(request)) {
      socket.setSoTimeout(15_000);
      return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
