package ulnaawl.server.http;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.reflect.Method;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import ulnaawl.server.platform.Problem;

/**
 * Takes no parameter that the endpoint does not have: a slip in a name is told instead of passed
 * over, and nobody makes one question into many by what means nothing in it.
 */
@Component
class KnownParameters implements HandlerInterceptor {

  private static final int MOST_SHOWN = 40;

  private final Map<Method, Set<String>> known = new ConcurrentHashMap<>();

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (handler instanceof HandlerMethod method && request.getQueryString() != null) {
      Set<String> names = known.computeIfAbsent(method.getMethod(), _ -> names(method));
      for (String name : request.getParameterMap().keySet()) {
        if (!names.contains(name)) {
          throw Problem.meaningless(refusal(name, names));
        }
      }
    }
    return true;
  }

  private static Set<String> names(HandlerMethod method) {
    Set<String> names = new TreeSet<>();
    for (MethodParameter parameter : method.getMethodParameters()) {
      RequestParam said = parameter.getParameterAnnotation(RequestParam.class);
      if (said != null) {
        String name = said.name();
        names.add(name.isEmpty() ? parameter.getParameter().getName() : name);
      } else if (parameter.hasParameterAnnotation(ParameterObject.class)) {
        // Several that belong together: Spring makes a record of them.
        Stream.of(parameter.getParameterType().getRecordComponents())
            .forEach(it -> names.add(it.getName()));
      }
    }
    return names;
  }

  private static String refusal(String name, Set<String> names) {
    String shown = name.length() > MOST_SHOWN ? name.substring(0, MOST_SHOWN) + "…" : name;
    String known =
        names.isEmpty() ? "there are none here" : "there are " + String.join(", ", names);
    return "There is no parameter '" + shown + "' at this address; " + known + ".";
  }
}
