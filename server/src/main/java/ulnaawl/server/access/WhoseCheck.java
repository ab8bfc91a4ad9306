package ulnaawl.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import ulnaawl.server.access.AccessLine.Whose;
import ulnaawl.server.platform.Problem;

/**
 * The last word of each line of the table, where the address says which class or group it is. Where
 * the request itself says it, the feature looks.
 */
@Configuration
@RequiredArgsConstructor
class WhoseCheck implements HandlerInterceptor, WebMvcConfigurer {

  private static final String ID = "id";
  private static final Pattern DIGITS = Pattern.compile("\\d{1,18}");

  private final AccessTable table;
  private final Leading leading;

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/classes/**", "/api/groups/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    Whose whose =
        table
            .of(request.getMethod(), request.getRequestURI())
            .map(AccessLine::whose)
            .orElse(Whose.ANYBODYS);
    if (request.getUserPrincipal() instanceof Authentication who
        && who.getPrincipal() instanceof SignedIn me) {
      switch (whose) {
        case CLASS -> leading.needClass(me, id(request));
        case GROUP -> leading.needGroup(me, id(request));
        case ANYBODYS, OWN, WORD -> {
          // Nothing that the address could say.
        }
      }
    }
    return true;
  }

  /**
   * The number in the address, in digits. It could be written otherwise ({@code 0x3}) and mean the
   * same to whoever reads it next: what is not looked at here is not let through.
   */
  private static long id(HttpServletRequest request) {
    return request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE)
                instanceof Map<?, ?> variables
            && variables.get(ID) instanceof String text
            && DIGITS.matcher(text).matches()
        ? Long.parseLong(text)
        : nowhere();
  }

  private static long nowhere() {
    throw Problem.gone("There is nothing with this number.");
  }
}
