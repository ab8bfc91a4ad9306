package ulnaawl.server.reading;

import java.time.Duration;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.Problem;

/**
 * Where files and sheets are read that people bring: two at a time, on threads that the system
 * shares out, so that those who answer others are never all at it; some wait their turn, more are
 * sent away in words. What takes too long is interrupted, and what it works with listens to that.
 */
@Component
public final class ReadingRoom implements DisposableBean {

  private static final int DESKS = 2;
  private static final int MOST_WAITING = 12;
  private static final Duration LONGEST = Duration.ofSeconds(20);
  private static final Duration LONGEST_WAIT = Duration.ofSeconds(90);

  private final Duration longest;
  private final ThreadPoolExecutor desks =
      new ThreadPoolExecutor(
          DESKS,
          DESKS,
          0,
          TimeUnit.SECONDS,
          new ArrayBlockingQueue<>(MOST_WAITING),
          Thread.ofPlatform().daemon().name("reading-", 0).factory());
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          Thread.ofPlatform().daemon().name("reading-clock").factory());

  @Autowired
  ReadingRoom() {
    this(LONGEST);
  }

  ReadingRoom(Duration longest) {
    this.longest = longest;
  }

  /** Interrupts a reader, but never the one who sits there next. */
  private static final class Bell {
    private final Thread reader = Thread.currentThread();
    private boolean hasLeft;
    private boolean hasRung;

    synchronized void ring() {
      if (!hasLeft) {
        hasRung = true;
        reader.interrupt();
      }
    }

    /** Whether it rang before; whoever sits there next hears nothing of it. */
    synchronized boolean leave() {
      hasLeft = true;
      if (hasRung) {
        Thread.interrupted();
      }
      return hasRung;
    }
  }

  /**
   * Reads something and waits for it.
   *
   * @throws Problem where too many wait, where it takes too long, or what the reading itself says
   */
  public <T> T read(Callable<T> work) {
    Future<T> reading;
    try {
      reading = desks.submit(() -> watched(work));
    } catch (RejectedExecutionException tooMany) {
      throw Problem.busy("Others have files read just now; try again in a moment.");
    }
    try {
      return reading.get(LONGEST_WAIT.toSeconds(), TimeUnit.SECONDS);
    } catch (ExecutionException failed) {
      if (failed.getCause() instanceof RuntimeException told) {
        throw told;
      }
      throw new IllegalStateException("What was brought could not be read", failed.getCause());
    } catch (TimeoutException late) {
      reading.cancel(true);
      throw Problem.busy("Others have files read just now; try again in a moment.");
    } catch (InterruptedException e) {
      reading.cancel(true);
      Thread.currentThread().interrupt();
      throw Problem.busy("The server is about to stop; send it again in a moment.");
    }
  }

  private <T> T watched(Callable<T> work) throws Exception {
    Bell bell = new Bell();
    ScheduledFuture<?> end = clock.schedule(bell::ring, longest.toMillis(), TimeUnit.MILLISECONDS);
    try {
      return work.call();
    } catch (Exception failed) {
      if (bell.leave()) {
        throw Problem.rejected(
            "This takes longer than "
                + longest.toSeconds()
                + " seconds to read, so it was left; bring less of it at once, or its text.");
      }
      throw failed;
    } finally {
      bell.leave();
      end.cancel(false);
    }
  }

  @Override
  public void destroy() {
    desks.shutdownNow();
    clock.shutdownNow();
  }
}
