package ulnaawl.server.sample;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** An invented club that runs in a process of its own, until it ends or is ended. */
final class OpenSample {

  private static final Logger LOG = LoggerFactory.getLogger(OpenSample.class);
  private static final Duration PATIENCE = Duration.ofSeconds(15);
  private static final int LINES_KEPT = 20;

  /** What the other one says once it can be asked. */
  private static final String READY = "Ready: ";

  private final Process process;
  private final int port;
  private final String password;
  private final Deque<String> said = new ArrayDeque<>();
  private volatile boolean ready;
  private volatile boolean told;

  /**
   * Follows a process.
   *
   * @param ended called once it has ended, by itself or not
   */
  OpenSample(Process process, int port, String password, Runnable ended) {
    this.process = process;
    this.port = port;
    this.password = password;
    Thread.startVirtualThread(() -> {
      follow();
      ended.run();
    });
  }

  /** Where it listens. */
  int port() {
    return port;
  }

  /** With which everybody in it signs in. */
  String password() {
    return password;
  }

  /** Whether it can be asked. */
  boolean isReady() {
    return ready && process.isAlive();
  }

  boolean isAlive() {
    return process.isAlive();
  }

  /** Whether it has ended before it was ready, without being told to. */
  boolean failed() {
    return !process.isAlive() && !ready && !told;
  }

  /** Ends it, and waits until it has gone. */
  void end() {
    told = true;
    try {
      // Once it can be asked, it reads from here, and goes when there is no more to come.
      process.getOutputStream().close();
      if (!ready || !process.waitFor(PATIENCE)) {
        process.destroyForcibly().waitFor();
      }
    } catch (IOException gone) {
      process.destroyForcibly();
    } catch (InterruptedException e) {
      process.destroyForcibly();
      Thread.currentThread().interrupt();
    }
  }

  private void follow() {
    try (BufferedReader lines = process.inputReader(StandardCharsets.UTF_8)) {
      for (String line = lines.readLine(); line != null; line = lines.readLine()) {
        if (line.contains(READY)) {
          ready = true;
        }
        said.add(line);
        if (said.size() > LINES_KEPT) {
          said.remove();
        }
      }
      LOG.info("The sample club has ended with {}", process.waitFor());
    } catch (IOException gone) {
      process.destroyForcibly();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    if (failed()) {
      LOG.error("The sample club did not start:\n{}", String.join("\n", said));
    }
  }
}
