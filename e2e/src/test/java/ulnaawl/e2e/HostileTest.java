package ulnaawl.e2e;

import static java.nio.charset.StandardCharsets.ISO_8859_1;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/**
 * What once stopped a server ({@code ./ulna torture --hostile}): each is done to one that is packed
 * as a club's is, with the memory that it has, while somebody else goes on asking; they are
 * answered within two seconds, and the server is the same afterwards.
 */
@Test(groups = "hostile")
public class HostileTest {

  private static final String CODE = "besieged";
  private static final String OWNER = "Ada Brook";
  private static final int SIGNS = 7_300;
  private static final long SLOWEST_MS = 2_000;
  private static final int PAUSE_MS = 50;
  private static final int MANY = 36_000;
  private static final int AT_ONCE = 6;

  private RunningApp app;
  private RunningApp empty;

  @BeforeClass
  public void start() throws IOException, InterruptedException {
    app = RunningApp.start(RunningApp.TODAY);
    empty =
        RunningApp.start(
            RunningApp.TODAY,
            Files.createTempDirectory("ulna-besieged"),
            false,
            "besieged.log",
            "--ulna.set-up-code=" + CODE);
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    app.close();
    empty.close();
  }

  /** Something that is done by somebody, the same or not each time. */
  private interface Act {
    void by(int number) throws IOException;
  }

  /**
   * Does something many times at once, while a colleague asks; says what the slowest answer took.
   */
  private static void besiege(String what, RunningApp server, String colleague, int times, Act act)
      throws IOException, InterruptedException {
    Visitor other = Visitor.signedIn(server.address(), colleague);
    AtomicBoolean isOver = new AtomicBoolean();
    AtomicLong slowest = new AtomicLong();
    List<String> wrong = new ArrayList<>();
    AtomicInteger answers = new AtomicInteger();
    Thread asking =
        Thread.ofPlatform()
            .start(() -> {
              while (!isOver.get()) {
                long before = System.nanoTime();
                try {
                  int status = other.get("/api/groups").statusCode();
                  if (status != 200) {
                    wrong.add("answered " + status);
                  }
                  Thread.sleep(PAUSE_MS);
                } catch (IOException | InterruptedException e) {
                  wrong.add(String.valueOf(e));
                  return;
                }
                slowest.accumulateAndGet((System.nanoTime() - before) / 1_000_000, Math::max);
                answers.incrementAndGet();
              }
            });
    AtomicInteger next = new AtomicInteger();
    Queue<String> failed = new ConcurrentLinkedQueue<>();
    List<Thread> hostile = new ArrayList<>();
    for (int i = 0; i < Math.min(AT_ONCE, times); i++) {
      hostile.add(
          Thread.ofVirtual()
              .start(() -> {
                for (int number = next.getAndIncrement();
                    number < times;
                    number = next.getAndIncrement()) {
                  try {
                    act.by(number);
                  } catch (IOException e) {
                    failed.add(e.toString());
                    return;
                  }
                }
              }));
    }
    for (Thread one : hostile) {
      one.join();
    }
    isOver.set(true);
    asking.join();
    System.out.println(
        what + ": " + answers + " others answered, the slowest in " + slowest + " ms");
    assertEquals(wrong, List.of(), what);
    assertEquals(List.copyOf(failed), List.of(), what);
    assertTrue(slowest.get() - PAUSE_MS < SLOWEST_MS, what + ": " + slowest + " ms");
    Visitor.signedIn(server.address(), colleague);
  }

  @Test
  public void addressesThatNobodyKeeps() throws IOException, InterruptedException {
    Visitor stranger = new Visitor(app.address());
    besiege(
        "addresses of a stranger's",
        app,
        "Tomas Brandl",
        MANY,
        number -> {
          String path = "/" + number + "x".repeat(SIGNS);
          assertEquals(stranger.get(path).statusCode(), 200);
        });
  }

  @Test
  public void questionsThatNobodyKeeps() throws IOException, InterruptedException {
    Visitor viewer = Visitor.signedIn(app.address(), "Bertil Aune");
    besiege(
        "parameters of a viewer's",
        app,
        "Tomas Brandl",
        MANY / 2,
        number ->
            assertEquals(
                viewer.get("/api/songs/1?x=" + number + "y".repeat(SIGNS)).statusCode(), 400));
    besiege(
        "numbers of a viewer's",
        app,
        "Tomas Brandl",
        MANY / 2,
        number -> viewer.get("/api/songs/" + "0".repeat(SIGNS - number % 7_000) + "1"));
    besiege(
        "words of a viewer's",
        app,
        "Tomas Brandl",
        MANY / 6,
        number -> viewer.get("/api/dances/list?words=" + number + "y".repeat(SIGNS)));
  }

  @Test
  public void bodiesThatDoNotEnd() throws IOException, InterruptedException {
    URI address = URI.create(app.address());
    List<Socket> open = new ArrayList<>();
    besiege(
        "unfinished bodies",
        app,
        "Tomas Brandl",
        600,
        number -> {
          Socket socket = new Socket(InetAddress.getLoopbackAddress(), address.getPort());
          String path = number % 3 == 0 ? "/api/session" : "/api/club/file";
          int length = number % 2 == 0 ? 24_000_000 : 8_000_000;
          socket
              .getOutputStream()
              .write(
                  ("POST "
                          + path
                          + " HTTP/1.1\r\nHost: x\r\nContent-Length: "
                          + length
                          + "\r\n\r\n{")
                      .getBytes(ISO_8859_1));
          synchronized (open) {
            open.add(socket);
          }
        });
    Visitor ines = Visitor.signedIn(app.address(), "Ines Kallas");
    assertEquals(ines.post("/api/writing/check", "{\"stepText\":\"section 1\"}").statusCode(), 200);
    for (Socket one : open) {
      one.close();
    }
  }

  @Test
  public void filesThatAreNoSheets() throws IOException, InterruptedException {
    Visitor oda = Visitor.signedIn(app.address(), "Oda Marsh");
    List<String> pieces =
        List.of("/Filter[", "/Filter ", "/Fl ", "stream\n", "1 0 R ", "<</Filter[1 ");
    besiege(
        "PDFs of nothing",
        app,
        "Tomas Brandl",
        24,
        number -> {
          String piece = pieces.get(number % pieces.size());
          byte[] file =
              ("%PDF-1.7\n" + piece.repeat(3_000_000 / piece.length())).getBytes(ISO_8859_1);
          int status = oda.postBytes("/api/sheets/file", file).statusCode();
          // Two files of one person are on their way at once; others are sent away.
          assertTrue(status / 100 == 4 || status == 503, number + " is answered " + status);
        });
  }

  @Test
  public void sheetsOfOneLine() throws IOException, InterruptedException {
    Visitor ines = Visitor.signedIn(app.address(), "Ines Kallas");
    List<String> pieces = List.of("step R, ", "(", "1/4 R ", "R-", "after wall 3 ", "1 & 2 ");
    Map<Integer, Integer> answers = new ConcurrentSkipListMap<>();
    besiege(
        "sheets of one line",
        app,
        "Tomas Brandl",
        24,
        number -> {
          String piece = pieces.get(number % pieces.size());
          int line = number < 12 ? 60_000 : 990;
          String text =
              ("1-4 " + piece.repeat(line / piece.length()) + "\\n").repeat(60_000 / line);
          answers.merge(
              ines.post("/api/sheets/read", "{\"text\":\"" + text + "\"}").statusCode(),
              1,
              Integer::sum);
        });
    assertTrue(
        answers.keySet().stream().allMatch(it -> it == 200 || it == 422 || it == 503),
        answers.toString());
    System.out.println("sheets of one line were answered " + answers);
  }

  @Test
  public void wholeClubsAtOnce() throws IOException, InterruptedException {
    Visitor ada = Visitor.settingUp(empty.address(), OWNER, CODE);
    HttpResponse<String> file = Visitor.signedIn(app.address(), "Oda Marsh").get("/api/club/file");
    assertEquals(file.statusCode(), 200, file.body());
    byte[] club = large(file.body());
    Map<Integer, Integer> answers = new ConcurrentSkipListMap<>();
    besiege(
        "clubs of " + club.length / 1_000_000 + " MB",
        empty,
        OWNER,
        6,
        _ ->
            answers.merge(
                ada.postBytes("/api/club/file/look", club).statusCode(), 1, Integer::sum));
    System.out.println("large clubs were answered " + answers);
    assertTrue(answers.getOrDefault(200, 0) > 0, answers.toString());
    assertTrue(
        answers.keySet().stream().allMatch(it -> it == 200 || it == 503), answers.toString());
  }

  /** The same club with so long a history that it has some 18 MB. */
  private static byte[] large(String file) {
    JsonObject club = JsonParser.parseString(file).getAsJsonObject();
    JsonArray log = club.getAsJsonArray("log");
    JsonObject last = log.get(log.size() - 1).getAsJsonObject();
    long id = last.get("id").getAsLong();
    int rows = 21_000_000 / (last.toString().length() + 30);
    for (int i = 1; i <= rows; i++) {
      JsonObject next = last.deepCopy();
      next.addProperty("id", id + i);
      log.add(next);
    }
    return club.toString().getBytes(UTF_8);
  }
}
