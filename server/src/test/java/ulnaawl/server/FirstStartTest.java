package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.TestPropertySource;
import org.testng.annotations.Test;

/** A club's own database, empty at first. */
@DirtiesContext
@TestPropertySource(
    properties = {
      "ulna.demo=false",
      "ulna.data=${ulna.test.empty}",
      "ulna.set-up-code=k7evening",
      "ulna.listen=0.0.0.0"
    })
public class FirstStartTest extends ServerTest {

  @Test
  public void theFirstInstructorIsMadeInTheBrowser() throws InterruptedException {
    Client first = nobody();
    assertTrue(first.get("/api/session").body().get("needsSetup").asBoolean());
    assertEquals(first.post("/api/setup", setUp("Ada Quill", "short", "k7evening")).status(), 422);
    Client.Answer common = first.post("/api/setup", setUp("Ada Quill", "Password123", "k7evening"));
    assertEquals(common.status(), 422);
    assertTrue(common.detail().contains("tried first"), common.detail());
    Client.Answer stranger = first.post("/api/setup", setUp("Ada Quill", "long enough", "guessed"));
    assertEquals(stranger.status(), 422);
    assertTrue(stranger.detail().contains("window in which the server"), stranger.detail());
    assertTrue(first.get("/api/session").body().get("needsSetup").asBoolean());
    boolean local = System.getProperty("os.name").equals("Linux");
    assertFalse(local && answersElsewhere(), "only this machine sees a club that is not set up");
    race();
    if (local) {
      Eventually.is(this::answersElsewhere, "then it listens where it was told to");
    }
    first = Client.signedIn(port(), winner(), "long enough");
    assertEquals(first.get("/api/dances").body().size(), 0);
    assertEquals(first.get("/api/session").body().at("/role/code").asString(), "OWNER");
    assertEquals(join(first, "Bo Finch", "CO_INSTRUCTOR", "long enough").status(), 201);
    assertEquals(join(first, "bo finch", "CO_INSTRUCTOR", "long enough").status(), 409);
    Client second = Client.signedIn(port(), "Bo Finch", "long enough");
    assertEquals(second.get("/api/session").body().at("/role/code").asString(), "CO_INSTRUCTOR");
    assertEquals(
        nobody().post("/api/setup", setUp("Cy", "long enough", "k7evening")).status(), 409);
  }

  /** Whether somebody answers at another address of this machine; on Linux each 127.x is one. */
  private boolean answersElsewhere() {
    try (Socket socket = new Socket(InetAddress.getByAddress(new byte[] {127, 0, 0, 2}), port())) {
      return socket.isConnected();
    } catch (IOException refused) {
      return false;
    }
  }

  private static String setUp(String name, String password, String code) {
    return Client.json("{'name':'%s','password':'%s','code':'%s'}".formatted(name, password, code));
  }

  /** Six at the same moment, all with the code: one is the first. */
  private void race() {
    CountDownLatch start = new CountDownLatch(1);
    List<Future<Integer>> answers = new ArrayList<>();
    try (ExecutorService people = Executors.newFixedThreadPool(6)) {
      for (int i = 0; i < 6; i++) {
        Client client = nobody();
        client.get("/api/session");
        String body = setUp("Ada " + (char) ('A' + i), "long enough", "K7 evening");
        answers.add(
            people.submit(() -> {
              start.await();
              return client.post("/api/setup", body).status();
            }));
      }
      start.countDown();
    }
    List<Integer> statuses = answers.stream().map(Future::resultNow).sorted().toList();
    assertEquals(statuses.getFirst(), 201);
    assertTrue(
        statuses.subList(1, 6).stream().allMatch(it -> it == 409 || it == 429),
        statuses.toString());
  }

  /** Who of the six it was. */
  private String winner() {
    List<String> in = new ArrayList<>();
    for (char who = 'A'; who <= 'F'; who++) {
      String body = Client.json("{'name':'Ada %c','password':'long enough'}".formatted(who));
      if (nobody().post("/api/session", body).status() == 200) {
        in.add("Ada " + who);
      }
    }
    assertEquals(in.size(), 1, "one first instructor: " + in);
    return in.getFirst();
  }
}
