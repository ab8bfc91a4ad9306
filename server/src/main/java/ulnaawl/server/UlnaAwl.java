package ulnaawl.server;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the server. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class UlnaAwl {

  private static final Logger LOG = LoggerFactory.getLogger(UlnaAwl.class);

  public static void main(String[] args) {
    SpringApplication.run(UlnaAwl.class, args);
  }

  @EventListener
  void ready(WebServerInitializedEvent event) {
    LOG.info("Ready: http://localhost:{}", event.getWebServer().getPort());
  }
}
