package ulnaawl.server.wire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the core's reasons as code and arguments, and reads them again. */
@Component
public class Reasons {

  private static final String CODE = "code";
  private static final String ARGS = "args";

  private final JsonMapper mapper;

  Reasons(JsonMapper mapper) {
    this.mapper = PeopleJson.stored(mapper);
  }

  /** What a reason is called: {@code NothingYet} is {@code nothing-yet}. */
  private static String code(Class<?> type) {
    return type.getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", "-").toLowerCase(Locale.ROOT);
  }

  /** A reason for the browser. */
  public <T> ReasonView view(T reason, Function<T, String> say) {
    return new ReasonView(code(reason.getClass()), say.apply(reason));
  }

  /** Reasons for the browser, in their order. */
  public <T> List<ReasonView> views(List<? extends T> reasons, Function<T, String> say) {
    return reasons.stream().map(one -> this.<T>view(one, say)).toList();
  }

  /** Reasons as they are stored. */
  public String write(List<?> reasons) {
    ArrayNode list = mapper.createArrayNode();
    for (Object reason : reasons) {
      ObjectNode one = list.addObject();
      one.put(CODE, code(reason.getClass()));
      one.set(ARGS, mapper.valueToTree(reason));
    }
    return mapper.writeValueAsString(list);
  }

  /**
   * Reads what {@link #write} wrote.
   *
   * @param family the sealed interface of the reasons
   * @throws IllegalArgumentException where a code is none of the family
   */
  public <T> List<T> read(String stored, Class<T> family) {
    List<T> reasons = new ArrayList<>();
    for (JsonNode one : mapper.readTree(stored)) {
      reasons.add(mapper.treeToValue(one.get(ARGS), type(one.get(CODE).asString(), family)));
    }
    return reasons;
  }

  private static <T> Class<? extends T> type(String code, Class<T> family) {
    for (Class<?> type : family.getPermittedSubclasses()) {
      if (code(type).equals(code)) {
        return type.asSubclass(family);
      }
    }
    throw new IllegalArgumentException("There is no reason '" + code + "'");
  }
}
