package ulnaawl.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/** Holds an answer back until it is known whether it is to be kept. */
@Component
@RequiredArgsConstructor
class KeepingFilter extends OncePerRequestFilter {

  /** Ends of paths whose answers are sent while they are made: events, sound and notes. */
  private static final List<String> SENT_AS_MADE =
      List.of("/events", "/run-through/sound", "/run-through/notes");

  private final KeptAnswers answers;

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    return !request.getMethod().equals("GET")
        || !path.startsWith("/api/")
        || SENT_AS_MADE.stream().anyMatch(path::endsWith);
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
