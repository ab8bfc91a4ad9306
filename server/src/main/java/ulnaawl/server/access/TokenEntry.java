package ulnaawl.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import ulnaawl.server.platform.ProblemWriter;

/**
 * Lets a program in that sends a token ({@code Authorization: Bearer …}), for that one request: no
 * session begins, and none that the program may have is looked at.
 */
@RequiredArgsConstructor
final class TokenEntry extends OncePerRequestFilter {

  private static final String SENT_IN = "Authorization";
  private static final String BEARER = "Bearer ";
  private static final String SCOPE = TokenEntry.class.getName();

  private final TokenCheck tokens;

  /** What the token of a request is for; empty where it came without one. */
  static Optional<TokenScope> scope(HttpServletRequest request) {
    return Optional.ofNullable((TokenScope) request.getAttribute(SCOPE));
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String sent = request.getHeader(SENT_IN);
    if (sent == null || !request.getRequestURI().startsWith("/api/")) {
      chain.doFilter(request, response);
      return;
    }
    Optional<TokenCheck.Holder> holder =
        sent.startsWith(BEARER)
            ? tokens.of(sent.substring(BEARER.length()).strip())
            : Optional.empty();
    if (holder.isEmpty()) {
      ProblemWriter.write(
          response, 401, "This token is not known here, or it has ended; make another one.");
      return;
    }
    request.setAttribute(SCOPE, holder.get().scope());
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(CurrentPerson.authentication(holder.get().person()));
    SecurityContextHolder.setContext(context);
    chain.doFilter(request, response);
  }
}
