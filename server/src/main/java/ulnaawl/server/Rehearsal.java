package ulnaawl.server;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/**
 * Starts the server once with the invented club in a folder of its own, asks for what a browser
 * asks for first, and stops: what Java learns from it (its ahead-of-time cache) makes each later
 * start quick.
 */
final class Rehearsal {

  private static final List<String> QUESTIONS = List.of("/", "/api/session", "/api/dances");

  private Rehearsal() {}

  /**
   * Rehearses.
   *
   * @param args nothing; or a folder and a day: the invented club is left there as it is on that
   *     day, for tests to begin with
   */
  static void main(String[] args) throws IOException, InterruptedException {
    if (args.length == 0) {
      Path folder = Files.createTempDirectory("ulna-rehearsal");
      rehearse(folder);
      remove(folder);
    } else {
      Path folder = Path.of(args[0]);
      remove(folder);
      rehearse(Files.createDirectories(folder), "--ulna.today=" + args[1]);
    }
  }

  private static void rehearse(Path folder, String... more)
      throws IOException, InterruptedException {
    List<String> options = new ArrayList<>(List.of(more));
    options.addAll(List.of("--ulna.data=" + folder, "--ulna.demo=true", "--server.port=0"));
    SpringApplication application = new SpringApplication(UlnaAwl.class);
    application.setMainApplicationClass(UlnaAwl.class);
    try (ConfigurableApplicationContext server = application.run(options.toArray(String[]::new));
        HttpClient browser = HttpClient.newHttpClient()) {
      String port = server.getEnvironment().getRequiredProperty("local.server.port");
      for (String question : QUESTIONS) {
        URI address = URI.create("http://localhost:" + port + question);
        browser.send(HttpRequest.newBuilder(address).build(), BodyHandlers.discarding());
      }
    }
  }

  private static void remove(Path folder) throws IOException {
    if (!Files.exists(folder)) {
      return;
    }
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path file : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.delete(file);
      }
    }
  }
}
