package ulnaawl.server;

import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;
import ulnaawl.server.backup.FolderCommand;

/** Starts the server. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class UlnaAwl {

  private static final Logger LOG = LoggerFactory.getLogger(UlnaAwl.class);

  /**
   * Starts the server, or works on a club's folder without one.
   *
   * @param args settings of the server; or {@code backup DIR [FILE]}, {@code restore DIR FILE}
   */
  public static void main(String[] args) {
    List<String> words = List.of(args);
    Optional<FolderCommand> command = words.stream().findFirst().flatMap(FolderCommand::named);
    if (command.isPresent()) {
      System.exit(command.get().run(words.subList(1, words.size())));
    }
    SpringApplication.run(UlnaAwl.class, args);
  }

  @EventListener
  void ready(WebServerInitializedEvent event) {
    LOG.info("Ready: http://localhost:{}", event.getWebServer().getPort());
  }
}
