package ulnaawl.server.history;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import ulnaawl.people.PersonId;

/** What was computed is remembered until something is changed, and never longer. */
public class UntilChangedTest {

  private static final int ASKERS = 8;

  private final AtomicInteger computed = new AtomicInteger();

  private static void change(Changes changes) {
    changes.changed(Change.of(Thing.DANCE, 1, Action.CHANGED, new PersonId(1), "Paper Lanterns"));
  }

  private String answer(String question) {
    return question + " " + computed.incrementAndGet();
  }

  @Test
  public void aQuestionIsAnsweredOnceForEachStateOfTheClub() {
    computed.set(0);
    Changes changes = new Changes();
    UntilChanged<String, String> known = new UntilChanged<>(changes, 10);
    assertEquals(known.get("a", this::answer), "a 1");
    assertEquals(known.get("a", this::answer), "a 1");
    assertEquals(known.get("b", this::answer), "b 2");
    change(changes);
    assertEquals(known.get("a", this::answer), "a 3");
    assertEquals(known.get("a", this::answer), "a 3");
  }

  /** Whoever asks after a change never gets what was begun before it. */
  @Test
  public void whatChangesWhileItIsComputedIsNotMissingLater() {
    computed.set(0);
    Changes changes = new Changes();
    UntilChanged<String, String> known = new UntilChanged<>(changes, 10);
    String before =
        known.get(
            "a",
            question -> {
              String read = answer(question);
              change(changes);
              return read;
            });
    assertEquals(before, "a 1");
    assertEquals(known.get("a", this::answer), "a 2");
  }

  @Test
  public void allWhoAskAtOnceWaitForOneAnswer() throws Exception {
    computed.set(0);
    UntilChanged<String, String> known = new UntilChanged<>(new Changes(), 10);
    CountDownLatch all = new CountDownLatch(ASKERS);
    try (ExecutorService askers = Executors.newVirtualThreadPerTaskExecutor()) {
      var answers =
          IntStream.range(0, ASKERS)
              .mapToObj(_ ->
                  askers.submit(() -> {
                    all.countDown();
                    all.await();
                    return known.get("a", this::answer);
                  }))
              .toList();
      for (Future<String> answer : answers) {
        assertEquals(answer.get(), "a 1");
      }
    }
  }

  @Test
  public void aFailureIsNoAnswer() {
    computed.set(0);
    UntilChanged<String, String> known = new UntilChanged<>(new Changes(), 10);
    assertThrows(
        IllegalStateException.class,
        () ->
            known.get(
                "a",
                _ -> {
                  throw new IllegalStateException("the database is away");
                }));
    assertEquals(known.get("a", this::answer), "a 1");
  }
}
