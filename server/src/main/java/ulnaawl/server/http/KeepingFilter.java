package ulnaawl.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/** Holds an answer back until it is known whether it is to be kept. */
@Component
class KeepingFilter extends OncePerRequestFilter {

  private final KeptAnswers answers;

  KeepingFilter(KeptAnswers answers) {
    this.answers = answers;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getMethod().equals("GET") || !request.getRequestURI().startsWith("/api/");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    ContentCachingResponseWrapper held = new ContentCachingResponseWrapper(response);
    chain.doFilter(request, held);
    Optional<KeptAnswers.Key> question = KeptAnswers.of(request);
    if (question.isPresent() && held.getStatus() == HttpServletResponse.SC_OK) {
      answers.keep(question.get(), held.getContentAsByteArray(), request, response);
    } else {
      held.copyBodyToResponse();
    }
  }
}
