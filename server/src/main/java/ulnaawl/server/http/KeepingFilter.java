package ulnaawl.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Holds an answer back that is to be kept; any other goes out while it is made. */
@Component
@RequiredArgsConstructor
class KeepingFilter extends OncePerRequestFilter {

  private final KeptAnswers answers;

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getMethod().equals("GET") || !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    HeldAnswer held = new HeldAnswer(request, response);
    chain.doFilter(request, held);
    Optional<KeptAnswers.Key> question = KeptAnswers.of(request);
    if (question.isPresent() && held.getStatus() == HttpServletResponse.SC_OK) {
      answers.keep(question.get(), held.getContentAsByteArray(), request, response);
    } else {
      held.copyBodyToResponse();
    }
  }
}
