package ulnaawl.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.server.platform.Role;
import ulnaawl.server.platform.SignedIn;

/** Signing in and out, and the first instructor. */
@RestController
@RequestMapping("/api")
class SessionController {

  /** The cookie by which a device is known again; what it is good for, {@link SignInGuard} says. */
  private static final String DEVICE = "ulna-device";

  private static final Duration KNOWN_FOR = Duration.ofDays(365);

  private final PeopleService people;
  private final SecurityContextRepository sessions;
  private final CsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();

  SessionController(PeopleService people, SecurityContextRepository sessions) {
    this.people = people;
    this.sessions = sessions;
  }

  /** A name and a password. */
  record Credentials(
      @NotBlank @Size(max = 60) String name,
      @NotBlank @Size(min = PasswordRules.LEAST, max = PasswordRules.MOST) String password) {}

  /** The first instructor, and the code that stands where the server was started. */
  record FirstInstructor(
      @NotBlank @Size(max = 60) String name,
      @NotBlank @Size(min = PasswordRules.LEAST, max = PasswordRules.MOST) String password,
      @NotNull @Size(max = 40) String code) {}

  /** Who is signed in; name and role are missing for nobody. */
  record Session(@Nullable String name, @Nullable Role role, boolean needsSetup) {}

  @GetMapping("/session")
  Session session(@AuthenticationPrincipal @Nullable SignedIn me) {
    return me == null
        ? new Session(null, null, people.needsSetup())
        : new Session(me.name(), me.role(), false);
  }

  @PostMapping("/session")
  Session signIn(
      @Valid @RequestBody Credentials credentials,
      @CookieValue(name = DEVICE, defaultValue = "") String device,
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(
        people.signIn(credentials.name(), credentials.password(), request.getRemoteAddr(), device),
        request,
        response);
  }

  @PostMapping("/setup")
  @ResponseStatus(HttpStatus.CREATED)
  Session setUp(
      @Valid @RequestBody FirstInstructor first,
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(people.setUp(first.name(), first.password(), first.code()), request, response);
  }

  @DeleteMapping("/session")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    SecurityContextHolder.clearContext();
    var session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
  }

  private Session begin(
      PeopleService.Entered entered, HttpServletRequest request, HttpServletResponse response) {
    SignedIn me = entered.who();
    response.addHeader(
        HttpHeaders.SET_COOKIE,
        ResponseCookie.from(DEVICE, entered.device())
            .httpOnly(true)
            .secure(request.isSecure())
            .sameSite("Strict")
            .path("/api/session")
            .maxAge(KNOWN_FOR)
            .build()
            .toString());
    request.getSession(true);
    request.changeSessionId();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            me, null, List.of(new SimpleGrantedAuthority("ROLE_" + me.role().name()))));
    SecurityContextHolder.setContext(context);
    sessions.saveContext(context, request, response);
    // A token that was known before signing in is worth nothing afterwards.
    tokens.saveToken(tokens.generateToken(request), request, response);
    return new Session(me.name(), me.role(), false);
  }
}
