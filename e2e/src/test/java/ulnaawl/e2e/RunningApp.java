package ulnaawl.e2e;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The packed server with the demo club, on a port of its own, until it is closed. */
final class RunningApp implements AutoCloseable {

  /**
   * A Monday, so that the Monday group's coming class can be recorded on the same day; the day of
   * the club that the server's build leaves.
   */
  static final String TODAY = "2026-11-30";

  /** In place of a day: the clock goes on, and its days with it. */
  static final String REAL_DAYS = "";

  private static final Path JAR = Path.of("../server/target/app/server-0.1.0-app.jar");
  private static final Duration PATIENCE = Duration.ofMinutes(2);

  private final Process process;
  private final String address;

  private RunningApp(Process process, String address) {
    this.process = process;
    this.address = address;
  }

  static RunningApp start(String today) throws IOException, InterruptedException {
    return start(today, Files.createTempDirectory("ulna-browser-test"), true, "server.log");
  }

  /** The same in a folder of its own, where a club may be already. */
  static RunningApp start(String today, Path data, boolean demo, String logName, String... options)
      throws IOException, InterruptedException {
    if (demo && today.equals(TODAY)) {
      LoadedClub.into(data);
    }
    return open(today, data, demo, logName, options);
  }

  static RunningApp open(String today, Path data, boolean demo, String logName, String... options)
      throws IOException, InterruptedException {
    if (!Files.exists(JAR)) {
      throw new IllegalStateException("The server is not packed yet; ./ulna test does that first.");
    }
    int port = freePort();
    Path log = Path.of("target", logName);
    List<String> all = new ArrayList<>(List.of(options));
    all.add("--server.port=" + port);
    all.add("--ulna.data=" + data);
    all.add("--ulna.demo=" + demo);
    if (!today.equals(REAL_DAYS)) {
      all.add("--ulna.today=" + today);
    }
    Process process = run(log, all.toArray(String[]::new));
    RunningApp app = new RunningApp(process, "http://localhost:" + port);
    app.waitUntilItAnswers(log);
    return app;
  }

  /** How a start ended that was refused: its status and everything it printed. */
  record Ended(int status, List<String> lines) {}

  /** Starts a server that is expected not to come up. */
  static Ended failToStart(Path data, int port) throws IOException, InterruptedException {
    Path log = Files.createTempFile("ulna-refused", ".log");
    Process process = run(log, "--server.port=" + port, "--ulna.data=" + data);
    if (!process.waitFor(PATIENCE)) {
      process.destroyForcibly().waitFor();
      throw new IllegalStateException("The server started, or hung");
    }
    return new Ended(process.exitValue(), Files.readAllLines(log));
  }

  /** Runs one of the commands that work on a club's folder, as {@code ./ulna} does. */
  static Ended command(String word, String... arguments) throws IOException, InterruptedException {
    Path log = Files.createTempFile("ulna-command", ".log");
    List<String> command = java();
    command.add(word);
    command.addAll(List.of(arguments));
    Process process =
        new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(log.toFile()).start();
    if (!process.waitFor(PATIENCE)) {
      process.destroyForcibly().waitFor();
      throw new IllegalStateException(word + " hung");
    }
    return new Ended(process.exitValue(), Files.readAllLines(log));
  }

  private static List<String> java() {
    return new ArrayList<>(
        List.of(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "@../server/java.options",
            "-XX:AOTCache=../server/target/app/ulna-awl.aot",
            "-XX:TieredStopAtLevel=1",
            "-jar",
            JAR.toString()));
  }

  private static Process run(Path log, String... options) throws IOException {
    List<String> command = java();
    command.addAll(List.of(options));
    return new ProcessBuilder(command)
        .redirectErrorStream(true)
        .redirectOutput(log.toFile())
        .start();
  }

  String address() {
    return address;
  }

  private void waitUntilItAnswers(Path log) throws IOException, InterruptedException {
    long end = System.nanoTime() + PATIENCE.toNanos();
    try (HttpClient client = HttpClient.newHttpClient()) {
      HttpRequest question = HttpRequest.newBuilder(URI.create(address + "/api/session")).build();
      while (System.nanoTime() < end && process.isAlive()) {
        try {
          if (client.send(question, BodyHandlers.discarding()).statusCode() == 200) {
            return;
          }
        } catch (IOException notYet) {
          Thread.sleep(200);
        }
      }
    }
    close();
    try (Stream<String> lines = Files.lines(log)) {
      List<String> said = lines.toList();
      throw new IllegalStateException("The server did not start:\n" + String.join("\n", said));
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  /** Ends it without a word, in the middle of whatever it does. */
  void crash() throws InterruptedException {
    process.destroyForcibly().waitFor();
  }

  /** Ends it as it is meant to end, and waits for that. */
  void stop() throws InterruptedException {
    process.destroy();
    process.waitFor();
  }

  @Override
  public void close() {
    process.destroy();
  }
}
