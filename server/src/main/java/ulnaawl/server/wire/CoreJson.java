package ulnaawl.server.wire;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
import ulnaawl.dance.SectionSet;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.CountRate;
import ulnaawl.music.Tempo;
import ulnaawl.wall.EventId;

/**
 * The JSON form of the core's values. Facings and turns are whole eighths (to the right), feet and
 * weights their letters, a tempo its beats a minute, a set of sections a list of numbers.
 */
@Configuration
public class CoreJson {

  /** The forms, as a module for Jackson. */
  @Bean
  public JacksonModule coreValues() {
    SimpleModule module = new SimpleModule("core values");
    whole(module, Facing.class, Facing::eighths, Facing::new);
    whole(module, RelativeFacing.class, RelativeFacing::eighths, RelativeFacing::new);
    whole(module, Turn.class, Turn::eighths, Turn::new);
    word(module, Foot.class, Foot::letter, List.of(Foot.values()));
    word(module, Weight.class, Weight::label, List.of(Weight.values()));
    word(module, CountRate.class, CountRate::label, List.of(CountRate.values()));
    module.addSerializer(
        new Writer<>(
            Tempo.class, (value, json) -> json.writeNumber(new BigDecimal(value.label()))));
    module.addDeserializer(
        Tempo.class, new Reader<>(Tempo.class, json -> Tempo.of(json.getDecimalValue())));
    module.addSerializer(
        new Writer<>(
            SectionSet.class,
            (value, json) -> {
              int[] numbers = value.numbers().stream().mapToInt(Integer::intValue).toArray();
              json.writeArray(numbers, 0, numbers.length);
            }));
    module.addDeserializer(
        SectionSet.class,
        new Reader<>(
            SectionSet.class, json -> SectionSet.of(List.of(json.readValueAs(Integer[].class)))));
    module.addSerializer(
        new Writer<>(EventId.class, (value, json) -> json.writePOJO(EventRef.of(value))));
    module.addDeserializer(
        EventId.class,
        new Reader<>(EventId.class, json -> json.readValueAs(EventRef.class).event()));
    return module;
  }

  private static <T> void whole(
      SimpleModule module, Class<T> type, Function<T, Integer> number, Function<Integer, T> of) {
    module.addSerializer(
        new Writer<>(type, (value, json) -> json.writeNumber(number.apply(value))));
    module.addDeserializer(type, new Reader<>(type, json -> of.apply(json.getIntValue())));
  }

  private static <T> void word(
      SimpleModule module, Class<T> type, Function<T, String> word, List<T> all) {
    module.addSerializer(new Writer<>(type, (value, json) -> json.writeString(word.apply(value))));
    module.addDeserializer(type, new Reader<>(type, json -> named(json.getString(), word, all)));
  }

  private static <T> T named(String wanted, Function<T, String> word, List<T> all) {
    Optional<T> found = all.stream().filter(it -> word.apply(it).equals(wanted)).findFirst();
    return found.orElseThrow(() -> new IllegalArgumentException("No such value: " + wanted));
  }

  private interface Write<T> {
    void write(T value, JsonGenerator json);
  }

  private interface Read<T> {
    T read(JsonParser json);
  }

  private static final class Writer<T> extends StdSerializer<T> {
    private final transient Write<T> how;

    Writer(Class<T> type, Write<T> how) {
      super(type);
      this.how = how;
    }

    @Override
    public void serialize(T value, JsonGenerator json, SerializationContext context) {
      how.write(value, json);
    }
  }

  private static final class Reader<T> extends StdDeserializer<T> {
    private final transient Read<T> how;

    Reader(Class<T> type, Read<T> how) {
      super(type);
      this.how = how;
    }

    @Override
    public T deserialize(JsonParser json, DeserializationContext context) {
      try {
        return how.read(json);
      } catch (IllegalArgumentException e) {
        return context.reportInputMismatch(handledType(), "%s", String.valueOf(e.getMessage()));
      }
    }
  }
}
