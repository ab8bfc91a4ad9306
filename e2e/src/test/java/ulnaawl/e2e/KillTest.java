package ulnaawl.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/**
 * The server is killed in the middle of writing, again and again: whatever it acknowledged is there
 * at the next start, and the database opens each time. {@code ./ulna torture} does it a thousand
 * times or for as many minutes as it is told, the tests a few times.
 */
public class KillTest {

  private static final int CYCLES = Integer.getInteger("ulna.torture.cycles", 4);
  private static final Duration LONGEST =
      Duration.ofMinutes(Integer.getInteger("ulna.torture.minutes", 10));
  private static final long SEED = Long.getLong("ulna.torture.seed", 11);
  private static final int WRITERS = 3;
  private static final Pattern TITLE = Pattern.compile("\"(Kill \\d+ \\d+ \\d+)\"");

  /**
   * So many writes are acknowledged before a kill, by chance between these; others are underway.
   */
  private static final int FEWEST = 1;

  private static final int MOST = 40;

  @Test
  public void whatWasAcknowledgedSurvivesEveryKill() throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("ulna-kill");
    Random random = new Random(SEED);
    Queue<String> acknowledged = new ConcurrentLinkedQueue<>();
    Queue<String> failed = new ConcurrentLinkedQueue<>();
    int next = 0;
    int kills;
    Instant end = Instant.now().plus(LONGEST);
    for (int cycle = 0; ; cycle++) {
      boolean demo = cycle == 0;
      try (RunningApp app = RunningApp.start(RunningApp.TODAY, data, demo, "kill.log")) {
        Visitor oda = Visitor.signedIn(app.address(), "Oda Marsh");
        Set<String> kept = written(oda.get("/api/dances").body());
        List<String> lost = acknowledged.stream().filter(title -> !kept.contains(title)).toList();
        assertEquals(lost, List.of(), "lost in cycle " + cycle + " of seed " + SEED);
        if (cycle == CYCLES || Instant.now().isAfter(end)) {
          kills = cycle;
          break;
        }
        List<Thread> writers = new ArrayList<>();
        Semaphore written = new Semaphore(0);
        for (int i = 0; i < WRITERS; i++) {
          String name = "Kill " + cycle + " " + next++;
          writers.add(
              Thread.startVirtualThread(() -> write(oda, name, acknowledged, written, failed)));
        }
        int writes = random.nextInt(FEWEST, MOST);
        assertTrue(written.tryAcquire(writes, 5, TimeUnit.MINUTES), String.join("\n", failed));
        app.crash();
        for (Thread writer : writers) {
          writer.join();
        }
        assertEquals(String.join("\n", failed), "", "answers other than 201");
      }
      if (CYCLES > 20 && cycle % 10 == 0) {
        System.out.println("Cycle " + cycle + ": " + acknowledged.size() + " writes acknowledged");
      }
    }
    System.out.println(
        kills
            + " kills, "
            + acknowledged.size()
            + " writes acknowledged, none lost (seed "
            + SEED
            + ")");
  }

  /** The titles of this test's dances that the server has. */
  private static Set<String> written(String dances) {
    return TITLE.matcher(dances).results().map(found -> found.group(1)).collect(Collectors.toSet());
  }

  /** Writes dance after dance until the server is gone. */
  private static void write(
      Visitor visitor,
      String name,
      Queue<String> acknowledged,
      Semaphore written,
      Queue<String> failed) {
    for (int i = 0; ; i++) {
      String title = name + " " + i;
      String text = "title: " + title + "\\nsection 1\\n1-4  vine R, touch L\\n";
      try {
        HttpResponse<String> answer =
            visitor.post("/api/dances", "{\"stepText\":\"" + text + "\"}");
        if (answer.statusCode() == 201) {
          acknowledged.add(title);
          written.release();
        } else {
          failed.add(answer.statusCode() + " to " + title + ": " + answer.body());
        }
      } catch (IOException gone) {
        return;
      }
    }
  }
}
