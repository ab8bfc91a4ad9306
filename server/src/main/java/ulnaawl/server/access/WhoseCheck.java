package ulnaawl.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The last word of each line of the table, where the address says which class or group it is. Where
 * the request itself says it, the feature looks.
 */
@Configuration
class WhoseCheck implements HandlerInterceptor, WebMvcConfigurer {

  private static final String ID = "id";

  private final AccessTable table;
  private final Leading leading;

  WhoseCheck(AccessTable table, Leading leading) {
    this.table = table;
    this.leading = leading;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/classes/**", "/api/groups/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    Optional<AccessLine> line = table.of(request.getMethod(), request.getRequestURI());
    Optional<Long> id = id(request);
    if (line.isPresent()
        && id.isPresent()
        && request.getUserPrincipal()
            instanceof org.springframework.security.core.Authentication who
        && who.getPrincipal() instanceof SignedIn me) {
      switch (line.get().whose()) {
        case CLASS -> leading.needClass(me, id.get());
        case GROUP -> leading.needGroup(me, id.get());
        case ANYBODYS, OWN, WORD -> {
          // Nothing that the address could say.
        }
      }
    }
    return true;
  }

  /** The number in the address; what is none is refused when it is read. */
  private static Optional<Long> id(HttpServletRequest request) {
    return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE)
                instanceof Map<?, ?> variables
            && variables.get(ID) instanceof String text
            && text.matches("-?\\d{1,18}")
        ? Optional.of(Long.parseLong(text))
        : Optional.empty();
  }
}
