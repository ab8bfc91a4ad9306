package ulnaawl.server.access;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Refuses to start where an endpoint could be reached that the table of access does not know. */
@Component
class EveryEndpointHasALine implements SmartInitializingSingleton {

  private final RequestMappingHandlerMapping endpoints;
  private final AccessTable table;

  EveryEndpointHasALine(
      @Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping endpoints,
      AccessTable table) {
    this.endpoints = endpoints;
    this.table = table;
  }

  @Override
  public void afterSingletonsInstantiated() {
    Set<String> known = table.lines().stream().map(AccessLine::name).collect(Collectors.toSet());
    List<String> unknown =
        endpoints.getHandlerMethods().keySet().stream()
            .flatMap(info ->
                info.getPatternValues().stream()
                    .filter(path -> path.startsWith("/api/"))
                    .flatMap(path -> methods(info).map(method -> method + " " + path)))
            .filter(name -> !known.contains(name))
            .sorted()
            .toList();
    if (!unknown.isEmpty()) {
      throw new IllegalStateException("No line in the table of access for " + unknown);
    }
  }

  /** One that takes every method is in no table. */
  private static Stream<String> methods(RequestMappingInfo info) {
    Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
    return methods.isEmpty() ? Stream.of("every method of") : methods.stream().map(Enum::name);
  }
}
