package ulnaawl.server.wire;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.math.BigDecimal;
import java.util.Iterator;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import ulnaawl.dance.SectionSet;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.CountRate;
import ulnaawl.music.Tempo;
import ulnaawl.people.PersonId;
import ulnaawl.wall.EventId;

/** The core's values in the contract, each under its own name with its unit. */
@Component
class CoreSchemas implements ModelConverter {

  private static final Map<Class<?>, Supplier<Schema<?>>> FORMS =
      Map.of(
          Facing.class,
          () -> eighths("On the clock of the room, in eighths of a turn right of 12."),
          RelativeFacing.class,
          () -> eighths("As if the wall began at 12, in eighths of a turn to the right."),
          Turn.class,
          () -> new IntegerSchema().description("In eighths of a turn, to the right above 0."),
          Foot.class,
          () -> words(Stream.of(Foot.values()).map(Foot::letter)),
          Weight.class,
          () -> words(Stream.of(Weight.values()).map(Weight::label)),
          CountRate.class,
          () -> words(Stream.of(CountRate.values()).map(CountRate::label)),
          Tempo.class,
          () -> new NumberSchema().description("Beats or counts a minute."),
          SectionSet.class,
          () ->
              new ArraySchema()
                  .items(new IntegerSchema())
                  .description("Numbers of sections, rising."));

  private static Schema<?> eighths(String description) {
    return new IntegerSchema()
        .minimum(BigDecimal.ZERO)
        .maximum(BigDecimal.valueOf(7))
        .description(description);
  }

  private static Schema<?> words(Stream<String> words) {
    StringSchema schema = new StringSchema();
    words.forEach(schema::addEnumItem);
    return schema;
  }

  @Override
  public @Nullable Schema<?> resolve(
      AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
    Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
    if (raw == EventId.class) {
      return chain
          .next()
          .resolve(new AnnotatedType(EventRef.class).resolveAsRef(true), context, chain);
    }
    if (raw == PersonId.class) {
      return chain
          .next()
          .resolve(new AnnotatedType(ClubPerson.class).resolveAsRef(true), context, chain);
    }
    if (raw == JsonNode.class) {
      return new ObjectSchema().additionalProperties(true);
    }
    Supplier<Schema<?>> form = FORMS.get(raw);
    if (form == null) {
      return chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
    }
    context.defineModel(raw.getSimpleName(), form.get());
    return new Schema<>().$ref("#/components/schemas/" + raw.getSimpleName());
  }
}
