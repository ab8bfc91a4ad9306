package ulnaawl.server.http;

import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.RemoteIpValve;
import org.apache.coyote.AbstractProtocol;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import ulnaawl.server.people.ClubSetUp;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.StartRefusal;
import ulnaawl.server.platform.UlnaSettings;

/**
 * Where the server listens: on this machine alone until the club has its first instructor, then
 * where it was told to. Who a request comes from is taken from a proxy's word only where the proxy
 * was named.
 */
@Component
@RequiredArgsConstructor
class Listening implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  private static final Logger LOG = LoggerFactory.getLogger(Listening.class);

  /** Until the answer to the one who has set the club up is through. */
  private static final Duration PAUSE = Duration.ofSeconds(1);

  private final UlnaSettings settings;
  private final PeopleService people;
  private final ServletWebServerApplicationContext context;

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    boolean open = settings.demo() || !people.needsSetup();
    factory.setAddress(open ? wanted() : InetAddress.getLoopbackAddress());
    factory.addContextCustomizers(context -> {
      if (context.getParent() instanceof StandardHost host) {
        host.setErrorReportValveClass(PlainErrorValve.class.getName());
      }
    });
    if (!settings.proxies().isEmpty()) {
      factory.addEngineValves(proxies(settings.proxies()));
    }
  }

  private static RemoteIpValve proxies(List<String> addresses) {
    RemoteIpValve valve = new RemoteIpValve();
    valve.setInternalProxies(
        addresses.stream().map(String::strip).map(Pattern::quote).collect(Collectors.joining("|")));
    valve.setRemoteIpHeader("X-Forwarded-For");
    valve.setProtocolHeader("X-Forwarded-Proto");
    valve.setHostHeader("X-Forwarded-Host");
    return valve;
  }

  private InetAddress wanted() {
    try {
      return InetAddress.getByName(settings.listen());
    } catch (UnknownHostException e) {
      throw new StartRefusal(
          "This machine does not know the address '" + settings.listen() + "' to listen on.",
          "Give one of its own, as in --listen 192.168.1.20, or 0.0.0.0 for all of them.");
    }
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void setUp(ClubSetUp done) {
    InetAddress wanted = wanted();
    if (!wanted.equals(InetAddress.getLoopbackAddress())) {
      Thread.startVirtualThread(() -> moveTo(wanted));
    }
  }

  private void moveTo(InetAddress address) {
    try {
      Thread.sleep(PAUSE);
      if (context.getWebServer() instanceof TomcatWebServer server) {
        Connector connector = server.getTomcat().getConnector();
        int port = connector.getLocalPort();
        connector.pause();
        connector.stop();
        connector.setPort(port);
        if (connector.getProtocolHandler() instanceof AbstractProtocol<?> protocol) {
          protocol.setAddress(address);
        }
        connector.start();
        LOG.info("The club is set up; listening on {}", settings.listen());
      }
    } catch (LifecycleException e) {
      LOG.error("Cannot listen on {}; start the server again", settings.listen(), e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
