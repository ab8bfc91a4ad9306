package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.springframework.test.annotation.DirtiesContext;
import org.testng.annotations.Test;

/** Signing in while others guess, through the API. */
@DirtiesContext
public class SignInTest extends ServerTest {

  private static String credentials(String name, String password) {
    return "{\"name\":%s,\"password\":%s}".formatted(Client.quoted(name), Client.quoted(password));
  }

  @Test
  public void whoSignsInVeryOftenIsSignedOutWhereTheyWereNotForLongest() {
    Client used = Client.signedIn(port(), "Bertil Aune", PASSWORD);
    Client left = Client.signedIn(port(), "Bertil Aune", PASSWORD);
    for (int i = 0; i < 40; i++) {
      assertEquals(used.get("/api/session").body().get("name").asString(""), "Bertil Aune");
      Client.signedIn(port(), "Bertil Aune", PASSWORD);
    }
    assertEquals(left.get("/api/dances").status(), 401);
    assertEquals(used.get("/api/dances").status(), 200);
    assertEquals(used.get("/api/sessions").body().size(), 30);
  }

  @Test
  public void guessesAtOnceAreFewAndTheVictimGetsInOnTheirOwnDevice() throws Exception {
    Client phone = Client.signedIn(port(), "Ines Kallas", PASSWORD);
    String cookie =
        phone
            .post("/api/session", credentials("Ines Kallas", PASSWORD))
            .raw()
            .headers()
            .allValues("Set-Cookie")
            .stream()
            .filter(it -> it.startsWith("ulna-invented-device="))
            .findFirst()
            .orElseThrow();
    assertTrue(cookie.contains("HttpOnly") && cookie.contains("SameSite=Strict"), cookie);
    assertTrue(cookie.contains("Path=/api/session"), cookie);
    assertFalse(cookie.contains("Secure"), "not behind TLS here");
    assertEquals(phone.delete("/api/session").status(), 204);

    CountDownLatch start = new CountDownLatch(1);
    List<Future<Integer>> guesses = new ArrayList<>();
    try (ExecutorService guessers = Executors.newFixedThreadPool(40)) {
      for (int i = 0; i < 40; i++) {
        Client guesser = nobody();
        guesser.get("/api/session");
        String body = credentials("Ines Kallas", "guess number " + i);
        guesses.add(
            guessers.submit(() -> {
              start.await();
              return guesser.post("/api/session", body).status();
            }));
      }
      start.countDown();
    }
    long looked = guesses.stream().filter(it -> it.resultNow() == 401).count();
    assertTrue(looked <= 8, looked + " guesses were looked at");
    assertEquals(guesses.stream().filter(it -> it.resultNow() == 429).count(), 40 - looked);

    Client.Answer elsewhere = nobody().post("/api/session", credentials("Ines Kallas", PASSWORD));
    assertEquals(
        elsewhere.status(), 429, "a device that nobody knows waits, even when it is right");
    assertEquals(
        phone.post("/api/session", credentials("Ines Kallas", PASSWORD)).status(),
        200,
        "the phone she uses does not");
  }

  @Test
  public void longPasswordsAreTakenWhole() {
    Client oda = instructor();
    String longOne = "kettle lantern ferry ".repeat(9) + "end";
    assertTrue(longOne.length() > 72 && longOne.length() <= 200);
    assertEquals(join(oda, "Long Winded", "CO_INSTRUCTOR", longOne).status(), 201);
    assertEquals(nobody().post("/api/session", credentials("Long Winded", longOne)).status(), 200);
    assertEquals(
        nobody()
            .post("/api/session", credentials("Long Winded", longOne.substring(0, 100)))
            .status(),
        401,
        "the beginning is not the password");
    assertEquals(
        nobody().post("/api/session", credentials("Long Winded", "x".repeat(201))).status(), 422);
  }

  @Test
  public void whatEverybodyTriesFirstIsNoPassword() {
    Client oda = instructor();
    for (String easy : List.of("password1", "Linedance", "12345678", "aaaaaaaab", "Easy Person")) {
      Client.Answer answer = join(oda, "Easy Person", "CO_INSTRUCTOR", easy);
      assertEquals(answer.status(), 422, easy);
      assertFalse(answer.detail().isBlank());
    }
    assertFalse(oda.get("/api/people").raw().body().contains("Easy Person"));
  }
}
