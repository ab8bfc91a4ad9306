package ulnaawl.server.sample;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.util.concurrent.TimeUnit;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Ends an invented club that another server has started: when that one has gone, however it went,
 * and when nobody has asked for anything for long. Elsewhere it does nothing.
 */
@Component
@RequiredArgsConstructor
class BesideAnother extends OncePerRequestFilter {

  private static final Logger LOG = LoggerFactory.getLogger(BesideAnother.class);

  private final SampleSettings settings;
  private volatile long askedAt = System.nanoTime();

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    askedAt = System.nanoTime();
    chain.doFilter(request, response);
  }

  /** What it reads from ends with whoever has started it. */
  @EventListener(ApplicationReadyEvent.class)
  void follow() {
    if (!settings.beside()) {
      return;
    }
    Thread.ofPlatform()
        .daemon()
        .name("beside another")
        .start(() -> {
          try {
            System.in.transferTo(OutputStream.nullOutputStream());
          } catch (IOException gone) {
            LOG.debug("The other server has gone", gone);
          }
          System.exit(0);
        });
  }

  @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.MINUTES)
  void lookWhetherIdle() {
    if (settings.beside() && System.nanoTime() - askedAt > settings.idle().toNanos()) {
      LOG.info("Nobody has asked for anything for {}", settings.idle());
      Thread.ofPlatform().start(() -> System.exit(0));
    }
  }
}
