package ulnaawl.server.access;

import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.UlnaSettings;

/**
 * What our cookies are called. Browsers keep them by machine and not by port (RFC 6265, section
 * 8.5), so those of an invented club have other names: whoever looks around in one stays signed in
 * to the club beside it.
 */
@Component
class CookieNames implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

  private final boolean invented;

  CookieNames(UlnaSettings settings) {
    this.invented = settings.demo();
  }

  /** The cookie of a session. */
  String session() {
    return invented ? "ulna-invented" : "JSESSIONID";
  }

  /** The cookie by which a device is known again; it stays when somebody signs out. */
  String device() {
    return invented ? "ulna-invented-device" : "ulna-device";
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.getSettings().getSession().getCookie().setName(session());
  }
}
