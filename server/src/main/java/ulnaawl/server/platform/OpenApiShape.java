package ulnaawl.server.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.type.filter.RegexPatternTypeFilter;

/**
 * Makes the OpenAPI text say what the records say: a component is there unless it is nullable. Two
 * records of one simple name would overwrite one another, so they are an error.
 */
@Configuration
class OpenApiShape {

  @Bean
  @SuppressWarnings("unchecked")
  OpenApiCustomizer requiredUnlessNullable() {
    // Looked for when somebody asks for the contract: no start has to wait for it.
    return api -> {
      Map<String, List<Class<?>>> records = records();
      api.setInfo(new Info().title("Ulna Awl").version("1"));
      api.setServers(List.of(new Server().url("/")));
      schemas(api)
          .forEach((name, schema) -> {
            List<Class<?>> types = records.getOrDefault(name, List.of());
            if (types.size() > 1) {
              throw new IllegalStateException(
                  "The contract needs a name for each shape; " + name + " is " + types);
            }
            types.forEach(type -> schema.setRequired(required(type)));
          });
    };
  }

  @SuppressWarnings("rawtypes")
  private static Map<String, Schema> schemas(OpenAPI api) {
    return api.getComponents() == null || api.getComponents().getSchemas() == null
        ? Map.of()
        : api.getComponents().getSchemas();
  }

  private static List<String> required(Class<?> type) {
    List<String> names = new ArrayList<>();
    for (RecordComponent component : type.getRecordComponents()) {
      if (!component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
        names.add(component.getName());
      }
    }
    return names;
  }

  private static Map<String, List<Class<?>>> records() {
    var scanner = new ClassPathScanningCandidateComponentProvider(false);
    scanner.addIncludeFilter(new RegexPatternTypeFilter(Pattern.compile("ulnaawl\\.server\\..*")));
    Map<String, List<Class<?>>> found = new HashMap<>();
    for (BeanDefinition definition : scanner.findCandidateComponents("ulnaawl.server")) {
      try {
        String name = definition.getBeanClassName();
        Class<?> type =
            name == null
                ? Object.class
                : Class.forName(name, false, OpenApiShape.class.getClassLoader());
        if (type.isRecord()) {
          found.computeIfAbsent(type.getSimpleName(), _ -> new ArrayList<>()).add(type);
        }
      } catch (ClassNotFoundException e) {
        throw new IllegalStateException(e);
      }
    }
    return found;
  }
}
