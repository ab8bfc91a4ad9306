package ulnaawl.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Each request is that of the person as they are now: another role counts at once. */
@RequiredArgsConstructor
final class CurrentPerson extends OncePerRequestFilter {

  private final SessionCheck check;

  /** What a session remembers of somebody. */
  static Authentication authentication(SignedIn person) {
    // What the person may do stands in the table of access.
    return UsernamePasswordAuthenticationToken.authenticated(person, null, List.of());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Authentication before = remembered();
    if (before != null && before.getPrincipal() instanceof SignedIn person) {
      Optional<SignedIn> now = check.now(person);
      if (now.isEmpty()) {
        SecurityContextHolder.clearContext();
        HttpSession session = request.getSession(false);
        if (session != null) {
          session.invalidate();
        }
      } else if (!now.get().equals(person)) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication(now.get()));
        SecurityContextHolder.setContext(context);
      }
    }
    chain.doFilter(request, response);
  }

  /** Who the session is; nobody where it has ended while the request was on its way. */
  private static @Nullable Authentication remembered() {
    try {
      return SecurityContextHolder.getContext().getAuthentication();
    } catch (IllegalStateException endedMeanwhile) {
      SecurityContextHolder.setContext(SecurityContextHolder.createEmptyContext());
      return null;
    }
  }
}
