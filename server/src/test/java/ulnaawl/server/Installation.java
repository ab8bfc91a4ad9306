package ulnaawl.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** A server with a folder of its own, opened for a while; set up with the code "evening". */
record Installation(Path data) {

  static final String CODE = "evening";

  interface Evening {
    void with(int port);
  }

  interface Inside {
    void with(ConfigurableApplicationContext app) throws SQLException;
  }

  /** With nothing in it. */
  static Installation fresh() {
    try {
      return new Installation(Files.createTempDirectory("ulna-installation"));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  void open(Evening evening) {
    openApp(app ->
        evening.with(
            Integer.parseInt(app.getEnvironment().getRequiredProperty("local.server.port"))));
  }

  /** The same for a test of what is inside. */
  void openApp(Inside inside) {
    try (ConfigurableApplicationContext app =
        SpringApplication.run(
            new Class<?>[] {UlnaAwl.class, QuickPasswords.class},
            new String[] {
              "--server.port=0",
              "--ulna.demo=false",
              "--ulna.today=2026-11-24",
              "--ulna.set-up-code=" + CODE,
              "--ulna.data=" + data
            })) {
      inside.with(app);
    } catch (SQLException e) {
      throw new AssertionError(e);
    }
  }

  /** Sets it up. */
  static Client setUp(int port, String name, String password) {
    Client first = new Client(port);
    Client.Answer answer =
        first.post(
            "/api/setup",
            Client.json(
                "{'name':'%s','password':'%s','code':'%s'}".formatted(name, password, CODE)));
    if (answer.status() / 100 != 2) {
      throw new AssertionError(answer.raw().body());
    }
    return first;
  }
}
