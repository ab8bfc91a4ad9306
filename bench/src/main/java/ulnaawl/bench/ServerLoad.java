package ulnaawl.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Measures the packed server with a full club: 5,000 dances, 12 groups, 20,000 entries. It starts a
 * server of its own on this machine, asks it, stops it, and prints a table. Takes three minutes.
 */
public final class ServerLoad {

  private static final int DANCES = 5_000;

  /** The demo club has numbers 1 to 24. */
  private static final int FIRST_DANCE = 25;

  private static final int GROUPS = 12;
  private static final int ENTRIES = 20_000;
  private static final int PORT = 8_797;
  private static final String ADDRESS = "http://127.0.0.1:" + PORT;
  private static final Duration EACH = Duration.ofSeconds(6);
  private static final int WARM = 20;
  private static final int MOST_ON_ONE = 5_000;

  private static final List<String> PAGES =
      List.of(
          "/api/classes",
          "/api/groups",
          "/api/groups/4",
          "/api/dances/list",
          "/api/dances/list?words=beginner%20vine&sort=LEVEL",
          "/api/dances/30",
          "/api/dances/30/teach?group=4&minutes=40&school=ADD_ON",
          "/api/dances",
          "/api/songs");

  private final Path data;
  private final HttpClient http =
      HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
  private String cookies = "";
  private String token = "";

  private ServerLoad(Path data) {
    this.data = data;
  }

  public static void main(String[] args) throws Exception {
    ServerLoad load = new ServerLoad(Files.createTempDirectory("ulna-load"));
    Process first = load.start(true);
    stop(first);
    load.fill();
    System.out.println("| what | measured |\n| --- | --- |");
    double delayed = DiskCost.delayed(load.data);
    double synced = DiskCost.synced(load.data);
    say(
        "commits on the disk before they are acknowledged, against H2's own delay",
        "%.0f a second, %.2f of %.0f".formatted(synced, synced / delayed, delayed));
    load.startTimes();
    Process server = load.start(false);
    try {
      load.signIn();
      load.pages();
      load.throughput();
      say(
          "a change is saved and the last of 50 open pages is told of it",
          new LiveLoad(ADDRESS).measured());
      say("memory of the server at its highest", load.memory(server) / 1024 + " MB");
    } finally {
      stop(server);
    }
  }

  private static void say(String what, String measured) {
    System.out.println("| " + what + " | " + measured + " |");
  }

  private Process start(boolean demo) throws IOException, InterruptedException {
    Process server =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "@../server/java.options",
                "-XX:AOTCache=../server/target/app/ulna-awl.aot",
                "-jar",
                "../server/target/app/server-0.1.0-app.jar",
                "--server.port=" + PORT,
                "--ulna.demo=" + demo,
                "--ulna.data=" + data)
            .redirectErrorStream(true)
            .redirectOutput(data.resolve("load.log").toFile())
            .start();
    while (true) {
      try {
        if (send(HttpRequest.newBuilder(URI.create(ADDRESS + "/api/session"))).statusCode()
            == 200) {
          return server;
        }
      } catch (IOException notYet) {
        if (!server.isAlive()) {
          throw new IOException(Files.readString(data.resolve("load.log")));
        }
        Thread.sleep(20);
      }
    }
  }

  private static void stop(Process server) throws InterruptedException {
    server.destroy();
    server.waitFor();
  }

  private void startTimes() throws IOException, InterruptedException {
    long[] took = new long[3];
    for (int i = 0; i < took.length; i++) {
      long begin = System.nanoTime();
      Process server = start(false);
      took[i] = System.nanoTime() - begin;
      stop(server);
    }
    Arrays.sort(took);
    say("first answer after a start, full club", "%.1f s".formatted(took[1] / 1e9));
  }

  private HttpResponse<String> send(HttpRequest.Builder request)
      throws IOException, InterruptedException {
    return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
  }

  private void signIn() throws IOException, InterruptedException {
    CookieManager jar = (CookieManager) http.cookieHandler().orElseThrow();
    send(HttpRequest.newBuilder(URI.create(ADDRESS + "/api/session")));
    readToken(jar);
    HttpResponse<String> in =
        send(
            write("/api/session")
                .POST(
                    HttpRequest.BodyPublishers.ofString(
                        "{\"name\":\"Oda Marsh\",\"password\":\"lantern-light\"}")));
    if (in.statusCode() != 200) {
      throw new IOException("Not signed in: " + in.body());
    }
    send(HttpRequest.newBuilder(URI.create(ADDRESS + "/api/session")));
    readToken(jar);
    StringBuilder all = new StringBuilder();
    for (HttpCookie cookie : jar.getCookieStore().getCookies()) {
      all.append(cookie.getName()).append('=').append(cookie.getValue()).append("; ");
    }
    cookies = all.toString();
  }

  private void readToken(CookieManager jar) {
    for (HttpCookie cookie : jar.getCookieStore().getCookies()) {
      if (cookie.getName().equals("XSRF-TOKEN")) {
        token = cookie.getValue();
      }
    }
  }

  private HttpRequest.Builder write(String path) {
    return HttpRequest.newBuilder(URI.create(ADDRESS + path))
        .header("Content-Type", "application/json")
        .header("X-XSRF-TOKEN", token);
  }

  /** Each page right after a change, and again. */
  private void pages() throws IOException, InterruptedException {
    for (String page : PAGES) {
      time(page);
    }
    for (String page : PAGES) {
      long[] cold = new long[5];
      for (int i = 0; i < cold.length; i++) {
        change(page.hashCode() + i);
        cold[i] = time(page);
      }
      long[] warm = new long[WARM];
      for (int i = 0; i < WARM; i++) {
        warm[i] = time(page);
      }
      Arrays.sort(cold);
      Arrays.sort(warm);
      int bytes = send(HttpRequest.newBuilder(URI.create(ADDRESS + page))).body().length();
      HttpResponse<byte[]> packed =
          http.send(
              HttpRequest.newBuilder(URI.create(ADDRESS + page))
                  .header("Accept-Encoding", "gzip")
                  .build(),
              HttpResponse.BodyHandlers.ofByteArray());
      say(
          "`" + page + "`",
          "%.0f ms after a change, %.1f ms again; %d kB, %d kB packed"
              .formatted(
                  cold[2] / 1e6, warm[WARM / 2] / 1e6, bytes / 1000, packed.body().length / 1000));
    }
  }

  private long time(String page) throws IOException, InterruptedException {
    long begin = System.nanoTime();
    HttpResponse<String> answer = send(HttpRequest.newBuilder(URI.create(ADDRESS + page)));
    if (answer.statusCode() != 200) {
      throw new IOException(page + ": " + answer.statusCode() + " " + answer.body());
    }
    return System.nanoTime() - begin;
  }

  /** Writes something down for a group. */
  private void change(int number) throws IOException, InterruptedException {
    int dance = 1 + Math.floorMod(number, FIRST_DANCE - 1);
    String body =
        "{\"dance\":%d,\"date\":\"%s\",\"happened\":\"DANCED\",\"shown\":[],\"outcome\":\"SOLID\",\"note\":\"\"}"
            .formatted(dance, LocalDate.of(2026, 11, 1));
    int status =
        send(write("/api/groups/5/record").POST(HttpRequest.BodyPublishers.ofString(body)))
            .statusCode();
    if (status != 200) {
      throw new IOException("The change was refused: " + status);
    }
  }

  private void throughput() throws IOException, InterruptedException {
    double bare = perSecond("/api/session", 16, "");
    say(
        "`/api/session`, 16 clients (what the others are compared with)",
        "%.0f a second".formatted(bare));
    double dance = perSecond("/api/dances/30", 16, "");
    say("`/api/dances/30`, 16 clients", "%.0f a second, %.2f of it".formatted(dance, dance / bare));
    double classes = perSecond("/api/classes", 200, "");
    say("`/api/classes`, 200 clients", "%.0f a second".formatted(classes));
    String index = send(HttpRequest.newBuilder(URI.create(ADDRESS + "/"))).body();
    String script = index.replaceAll("(?s).*?(/assets/[\\w.-]+\\.js).*", "$1");
    double file = perSecond(script, 16, "br");
    say("`" + script + "`, packed, 16 clients", "%.0f a second".formatted(file));
  }

  /** Requests a second of some clients that ask as fast as they are answered. */
  private double perSecond(String path, int clients, String encoding) throws InterruptedException {
    AtomicLong answered = new AtomicLong();
    long begin = System.nanoTime() + Duration.ofSeconds(2).toNanos();
    long end = begin + EACH.toNanos();
    List<Thread> all = new ArrayList<>();
    for (int i = 0; i < clients; i++) {
      all.add(
          Thread.startVirtualThread(() -> {
            try {
              while (System.nanoTime() < end) {
                ask(path, encoding, begin, end, answered);
              }
            } catch (IOException e) {
              throw new IllegalStateException(e);
            }
          }));
    }
    for (Thread client : all) {
      client.join();
    }
    return answered.get() / (EACH.toMillis() / 1000.0);
  }

  /** Some questions on one connection; a server ends one that has asked for long. */
  private void ask(String path, String encoding, long begin, long end, AtomicLong answered)
      throws IOException {
    try (RawClient client = new RawClient(PORT, path, cookies, encoding)) {
      for (int i = 0; i < MOST_ON_ONE && System.nanoTime() < end; i++) {
        client.ask();
        if (System.nanoTime() > begin) {
          answered.incrementAndGet();
        }
      }
    }
  }

  /** Kilobytes that the process held at most; 0 where the system does not say. */
  private long memory(Process server) throws IOException {
    Path status = Path.of("/proc/" + server.pid() + "/status");
    if (!Files.exists(status)) {
      return 0;
    }
    return Files.readAllLines(status).stream()
        .filter(line -> line.startsWith("VmHWM"))
        .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
        .findFirst()
        .orElse(0);
  }

  /** Dances, groups and entries, straight into the database of the server that is stopped. */
  private void fill() throws SQLException {
    String url = "jdbc:h2:file:" + data.resolve("ulna-awl");
    try (Connection connection = DriverManager.getConnection(url, "sa", "")) {
      connection.setAutoCommit(false);
      dances(connection);
      groups(connection);
      entries(connection);
      connection.commit();
    }
  }

  private static void dances(Connection connection) throws SQLException {
    try (PreparedStatement dance =
            connection.prepareStatement("insert into dance (version, active) values (1, true)");
        PreparedStatement version =
            connection.prepareStatement(
                "insert into dance_version (dance_id, version, title, step_text, section_keys,"
                    + " written_at, written_by) values (?, 1, ?, ?, ?, now(), 1)")) {
      for (int i = 0; i < DANCES; i++) {
        int counts = 24 + i % 6 * 8;
        String title = "Load dance " + i;
        dance.addBatch();
        version.setLong(1, FIRST_DANCE + i);
        version.setString(2, title);
        version.setString(3, DanceText.of(counts).replace("title: Bench", "title: " + title));
        version.setString(4, keys(counts / 8));
        version.addBatch();
      }
      dance.executeBatch();
      version.executeBatch();
    }
  }

  private static String keys(int sections) {
    StringBuilder keys = new StringBuilder("1");
    for (int i = 2; i <= sections; i++) {
      keys.append(' ').append(i);
    }
    return keys.toString();
  }

  private static void groups(Connection connection) throws SQLException {
    try (PreparedStatement group =
        connection.prepareStatement(
            "insert into dance_group (name, level, weekday, starts_at, minutes, place, version, active)"
                + " values (?, 'BEGINNER', ?, time '19:00', 60, '', 1, true)")) {
      for (int i = 4; i <= GROUPS; i++) {
        group.setString(1, "Load group " + i);
        group.setInt(2, 1 + i % 7);
        group.addBatch();
      }
      group.executeBatch();
    }
  }

  private static void entries(Connection connection) throws SQLException {
    try (PreparedStatement entry =
        connection.prepareStatement(
            "insert into evidence (group_id, dance_id, dance_version, happened_on, happened,"
                + " outcome, note, by_person, written_at) values (?, ?, 1, ?, 'DANCED', 'SOLID', '',"
                + " 1, now())")) {
      for (int i = 0; i < ENTRIES; i++) {
        entry.setLong(1, 1 + i % GROUPS);
        entry.setLong(2, FIRST_DANCE + i * 7L % DANCES);
        entry.setObject(3, LocalDate.of(2026, 1, 1).plusDays(i % 300));
        entry.addBatch();
      }
      entry.executeBatch();
    }
  }
}
