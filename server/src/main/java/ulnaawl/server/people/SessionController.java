package ulnaawl.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
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

  private final PeopleService people;
  private final SecurityContextRepository sessions;
  private final CsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();

  SessionController(PeopleService people, SecurityContextRepository sessions) {
    this.people = people;
    this.sessions = sessions;
  }

  /** A name and a password. */
  record Credentials(
      @NotBlank @Size(max = 60) String name, @NotBlank @Size(min = 8, max = 100) String password) {}

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
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(people.signIn(credentials.name(), credentials.password()), request, response);
  }

  @PostMapping("/setup")
  @ResponseStatus(HttpStatus.CREATED)
  Session setUp(
      @Valid @RequestBody Credentials credentials,
      HttpServletRequest request,
      HttpServletResponse response) {
    return begin(people.setUp(credentials.name(), credentials.password()), request, response);
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

  private Session begin(SignedIn me, HttpServletRequest request, HttpServletResponse response) {
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
