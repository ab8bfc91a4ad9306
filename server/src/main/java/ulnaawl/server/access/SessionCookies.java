package ulnaawl.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.util.WebUtils;

/** What a browser is given when somebody signs in, and what is taken from it when they go. */
@Component
@RequiredArgsConstructor
public class SessionCookies {

  private static final String DEVICE_PATH = "/api/session";
  private static final Duration KNOWN_FOR = Duration.ofDays(365);
  private static final String TOKEN = "XSRF-TOKEN";

  private final SecurityContextRepository contexts;
  private final CookieNames names;
  private final CsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();

  /** By what the device was known when it last signed in; empty where it never did. */
  public String device(HttpServletRequest request) {
    return Optional.ofNullable(WebUtils.getCookie(request, names.device()))
        .map(Cookie::getValue)
        .orElse("");
  }

  /**
   * Signs somebody in on a session of their own.
   *
   * @param device by which the device is known from now on
   */
  public HttpSession begin(
      SignedIn person, String device, HttpServletRequest request, HttpServletResponse response) {
    add(
        response,
        ResponseCookie.from(names.device(), device)
            .httpOnly(true)
            .secure(request.isSecure())
            .path(DEVICE_PATH)
            .maxAge(KNOWN_FOR));
    HttpSession before = request.getSession(false);
    if (before != null) {
      before.invalidate();
    }
    HttpSession session = request.getSession(true);
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(CurrentPerson.authentication(person));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
    // A token that was known before signing in is worth nothing afterwards.
    tokens.saveToken(tokens.generateToken(request), request, response);
    return session;
  }

  /** Signs whoever it is out, and takes the session's cookies from the browser. */
  public void end(HttpServletRequest request, HttpServletResponse response) {
    SecurityContextHolder.clearContext();
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    boolean secure = request.isSecure();
    add(
        response,
        ResponseCookie.from(names.session(), "").httpOnly(true).secure(secure).path("/").maxAge(0));
    add(response, ResponseCookie.from(TOKEN, "").secure(secure).path("/").maxAge(0));
  }

  private static void add(
      HttpServletResponse response, ResponseCookie.ResponseCookieBuilder cookie) {
    response.addHeader(HttpHeaders.SET_COOKIE, cookie.sameSite("Strict").build().toString());
  }
}
