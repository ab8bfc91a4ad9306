package ulnaawl.server.sample;

import jakarta.annotation.PostConstruct;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.stereotype.Service;
import org.springframework.util.FileSystemUtils;
import ulnaawl.server.access.Secrets;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.UlnaSettings;

/**
 * An invented club beside one's own. It is another process with a folder of its own and the next
 * free port, so that nothing of it can come into the club, and whatever happens in it cannot hurt
 * the club's server. It goes when it is removed, when nobody has asked it anything for an hour, and
 * with this server; what was written in it goes with it.
 */
@Service
class SampleClub {

  private static final Logger LOG = LoggerFactory.getLogger(SampleClub.class);
  private static final int PORTS_TRIED = 20;

  private final UlnaSettings settings;
  private final ServletWebServerApplicationContext context;
  private final Path folder;
  private Optional<OpenSample> open = Optional.empty();

  SampleClub(UlnaSettings settings, ServletWebServerApplicationContext context) {
    this.settings = settings;
    this.context = context;
    this.folder = Path.of(settings.data()).toAbsolutePath().resolve("sample");
  }

  /** Why there can be none here; empty where there can. */
  Optional<String> whyNot() {
    if (settings.demo()) {
      return Optional.of("This is the invented club.");
    }
    if (!settings.proxies().isEmpty()) {
      return Optional.of(
          "This club is reached through a proxy, which knows the way to one server only."
              + " ./ulna demo opens an invented club on a machine of yours.");
    }
    return Optional.empty();
  }

  /** The one that is there, or was there and ended. */
  synchronized Optional<OpenSample> now() {
    return open;
  }

  /** Opens one, unless it is open; it takes some seconds until it can be asked. */
  synchronized OpenSample open() {
    whyNot()
        .ifPresent(why -> {
          throw Problem.rejected(why);
        });
    if (open.filter(OpenSample::isAlive).isEmpty()) {
      open = Optional.of(start());
    }
    return open.orElseThrow();
  }

  /** Removes it with everything in it. */
  @PreDestroy
  synchronized void remove() {
    open.ifPresent(OpenSample::end);
    open = Optional.empty();
    forget();
  }

  private OpenSample start() {
    forget();
    try {
      int port = freePort();
      Files.createDirectories(folder);
      String password = password();
      Process process = new SampleCommand(settings).start(folder, port, password);
      LOG.info("A sample club is opened on port {}", port);
      return new OpenSample(process, port, password, this::ended);
    } catch (IOException e) {
      LOG.error("The sample club cannot be started", e);
      throw Problem.rejected("The sample club cannot be started; the server's log says why.");
    }
  }

  /** Short enough to be typed on a phone: 48 bits by chance, and tries are slowed down. */
  private static String password() {
    String word = Secrets.word();
    return String.join("-", word.substring(0, 4), word.substring(4, 8), word.substring(8, 12));
  }

  /** Whether it went by itself: then what it has written goes too. */
  private synchronized void ended() {
    if (open.filter(OpenSample::isAlive).isEmpty()) {
      forget();
    }
  }

  private int freePort() throws IOException {
    InetAddress address = InetAddress.getByName(settings.listen());
    int own = Optional.ofNullable(context.getWebServer()).orElseThrow().getPort();
    return IntStream.rangeClosed(own + 1, own + PORTS_TRIED)
        .filter(port -> isFree(address, port))
        .findFirst()
        .orElseThrow(() ->
            Problem.rejected(
                "No port from %d to %d is free for a sample club."
                    .formatted(own + 1, own + PORTS_TRIED)));
  }

  private static boolean isFree(InetAddress address, int port) {
    try (ServerSocket socket = new ServerSocket(port, 1, address)) {
      return socket.isBound();
    } catch (IOException | IllegalArgumentException taken) {
      return false;
    }
  }

  /** Also at the start: a server that was killed had no time for it. */
  @PostConstruct
  void forget() {
    try {
      FileSystemUtils.deleteRecursively(folder);
    } catch (IOException e) {
      LOG.warn("What the sample club has left could not be deleted: {}", folder, e);
    }
  }
}
