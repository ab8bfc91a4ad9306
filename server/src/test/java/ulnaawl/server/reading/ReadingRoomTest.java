package ulnaawl.server.reading;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.annotations.Test;
import ulnaawl.server.platform.Problem;

/** Whoever reads for long keeps nobody else from reading, and no more wait than there is room. */
public class ReadingRoomTest {

  private static final Duration NEVER = Duration.ofHours(1);

  private static int status(Problem problem) {
    return problem.status().value();
  }

  @Test
  public void whatTakesTooLongIsInterruptedAndTheNextIsNot() {
    ReadingRoom room = new ReadingRoom(Duration.ofMillis(20));
    CountDownLatch never = new CountDownLatch(1);
    for (int i = 0; i < 5; i++) {
      Problem late =
          expectThrows(
              Problem.class,
              () ->
                  room.read(() -> {
                    never.await();
                    return "read";
                  }));
      assertEquals(status(late), 422);
      assertFalse(room.read(() -> Thread.currentThread().isInterrupted()));
    }
    room.destroy();
  }

  @Test
  public void whatTheReadingSaysIsSaidAndItIsOnThreadsOfItsOwn() {
    ReadingRoom room = new ReadingRoom(NEVER);
    assertFalse(room.read(() -> Thread.currentThread().isVirtual()));
    Problem said =
        expectThrows(
            Problem.class,
            () ->
                room.read(() -> {
                  throw Problem.gone("not there");
                }));
    assertEquals(said.getMessage(), "not there");
    room.destroy();
  }

  @Test
  public void twoReadSomeWaitAndOthersAreSentAway() throws InterruptedException {
    ReadingRoom room = new ReadingRoom(NEVER);
    CountDownLatch atIt = new CountDownLatch(2);
    CountDownLatch goOn = new CountDownLatch(1);
    AtomicInteger read = new AtomicInteger();
    AtomicInteger sentAway = new AtomicInteger();
    List<Thread> all = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      all.add(
          Thread.startVirtualThread(() -> {
            try {
              room.read(() -> {
                atIt.countDown();
                goOn.await();
                return read.incrementAndGet();
              });
            } catch (Problem busy) {
              assertEquals(status(busy), 503);
              sentAway.incrementAndGet();
            }
          }));
    }
    atIt.await();
    while (sentAway.get() < 16) {
      Thread.onSpinWait();
    }
    assertEquals(read.get(), 0);
    goOn.countDown();
    for (Thread one : all) {
      one.join();
    }
    assertTrue(read.get() == 14 && sentAway.get() == 16, read + " read, " + sentAway + " not");
    room.destroy();
  }
}
