package ulnaawl.server.sessions;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import ulnaawl.server.platform.Problem;

/** Guessing gets slower and slower, and nobody can lock somebody else out of a device they use. */
public class SignInGuardTest {

  private static final String HERE = "192.0.2.7";

  private Instant now = Instant.EPOCH;
  private SignInGuard guard = new SignInGuard(() -> now);

  @BeforeMethod
  public void begin() {
    now = Instant.parse("2026-11-24T19:00:00Z");
    guard = new SignInGuard(() -> now);
  }

  private boolean admitted(String name, String address) {
    try {
      guard.admit(name, address);
      return true;
    } catch (Problem refused) {
      return false;
    }
  }

  /** By hand: eight are free, then 5, 10, 20 seconds, and never more than a quarter of an hour. */
  @Test
  public void eachFurtherTryWaitsTwiceAsLong() {
    for (int i = 0; i < SignInGuard.FREE; i++) {
      assertTrue(admitted("Oda", HERE));
    }
    for (int wait : new int[] {5, 10, 20, 40, 80, 160, 320, 640, 900, 900}) {
      now = now.plusSeconds(wait - 1L);
      assertTrue(!admitted("oda ", HERE), wait + " s, whatever the capitals and spaces");
      now = now.plusSeconds(1);
      assertTrue(admitted("Oda", HERE), wait + " s");
    }
  }

  @Test
  public void theWaitIsTold() {
    for (int i = 0; i < SignInGuard.FREE; i++) {
      guard.admit("Oda", HERE);
    }
    Problem refused = expectThrows(Problem.class, () -> guard.admit("Oda", HERE));
    assertEquals(
        refused.getMessage(),
        "Too many wrong tries for this name; wait 5 seconds, then try again.");
  }

  /** Forty at the same moment are forty tries, not one. */
  @Test
  public void manyAtOnceAreNoWayRound() throws Exception {
    CountDownLatch start = new CountDownLatch(1);
    List<Future<Boolean>> tries = new ArrayList<>();
    try (ExecutorService guessers = Executors.newFixedThreadPool(40)) {
      for (int i = 0; i < 40; i++) {
        tries.add(
            guessers.submit(() -> {
              start.await();
              return admitted("Oda", HERE);
            }));
      }
      start.countDown();
    }
    long in = tries.stream().filter(Future::resultNow).count();
    assertEquals(in, SignInGuard.FREE);
  }

  /** Many names from one address are slowed down too; one name from many addresses as well. */
  @Test
  public void namesAndAddressesAreCountedEachForItself() {
    int in = 0;
    for (int i = 0; i < 100; i++) {
      in += admitted("Person " + i, HERE) ? 1 : 0;
    }
    assertEquals(in, SignInGuard.FREE_FROM_ADDRESS);
    assertTrue(admitted("Somebody", "198.51.100.1"), "another address");
    in = 0;
    for (int i = 0; i < 100; i++) {
      in += admitted("Oda", "203.0.113." + i) ? 1 : 0;
    }
    assertEquals(in, SignInGuard.FREE);
  }

  /** Whoever guesses from elsewhere does not keep Oda from signing in on her own phone. */
  @Test
  public void aKnownDeviceIsNeverLockedOutByOthers() {
    for (int i = 0; i < 500; i++) {
      admitted("Oda", HERE);
      now = now.plusSeconds(1);
    }
    for (int i = 0; i < 50; i++) {
      guard.admitDevice(1, "her phone");
      guard.succeededDevice(1, "her phone");
    }
    // The phone itself is no place to guess on.
    for (int i = 0; i < SignInGuard.FREE; i++) {
      guard.admitDevice(1, "stolen");
    }
    assertThrows(Problem.class, () -> guard.admitDevice(1, "stolen"));
    guard.admitDevice(1, "her phone");
    guard.admitDevice(2, "stolen");
  }

  /** What was right is not held against anybody, and does not wipe out what was wrong. */
  @Test
  public void aRightTryIsGivenBackAndNoMore() {
    for (int i = 0; i < 200; i++) {
      guard.admit("Oda", HERE);
      guard.succeeded("Oda", HERE);
    }
    for (int i = 0; i < SignInGuard.FREE - 1; i++) {
      guard.admit("Oda", HERE);
    }
    guard.admit("Oda", HERE);
    guard.succeeded("Oda", HERE);
    guard.admit("Oda", HERE);
    assertThrows(Problem.class, () -> guard.admit("Oda", HERE));
  }

  @Test
  public void whileOneWaitsAskingDoesNotCount() {
    Tries tries = new Tries(2);
    assertEquals(tries.take(now), Duration.ZERO);
    assertEquals(tries.take(now), Duration.ZERO);
    assertEquals(tries.take(now), Duration.ofSeconds(5));
    assertEquals(tries.take(now.plusSeconds(3)), Duration.ofSeconds(2), "asking does not count");
    assertEquals(tries.take(now.plusSeconds(5)), Duration.ZERO);
    assertEquals(tries.take(now.plusSeconds(5)), Duration.ofSeconds(10));
  }
}
