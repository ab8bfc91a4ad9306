package ulnaawl.server.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
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
    HeldAnswer answer = new HeldAnswer(response);
    chain.doFilter(request, answer);
    if (answer.held().isPresent()) {
      HeldAnswer.Held held = answer.held().get();
      if (held.answer().getStatus() == HttpServletResponse.SC_OK) {
        byte[] bytes = held.answer().getContentAsByteArray();
        answers.keep(held.question(), bytes, request, response);
      } else {
        held.answer().copyBodyToResponse();
      }
    }
  }
}
