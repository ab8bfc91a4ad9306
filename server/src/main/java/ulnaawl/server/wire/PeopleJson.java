package ulnaawl.server.wire;

import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.ser.std.StdSerializer;
import ulnaawl.people.PeopleNames;
import ulnaawl.people.PersonId;

/**
 * Somebody of the club as JSON: with their name where it is sent ({@link ClubPerson}), as the bare
 * number where it is stored.
 */
@Component
public class PeopleJson extends SimpleModule {

  PeopleJson(PeopleNames names) {
    super("people by number and name");
    addSerializer(new Named(names));
    addDeserializer(PersonId.class, new ByNumber());
  }

  /** The same forms as before, but people as the numbers that are stored of them. */
  public static JsonMapper stored(JsonMapper sent) {
    SimpleModule numbers = new SimpleModule("people by number");
    numbers.addSerializer(new Numbered());
    numbers.addDeserializer(PersonId.class, new FromNumber());
    return sent.rebuild().addModule(numbers).build();
  }

  private static final class Named extends StdSerializer<PersonId> {
    private final transient PeopleNames names;

    Named(PeopleNames names) {
      super(PersonId.class);
      this.names = names;
    }

    @Override
    public void serialize(PersonId person, JsonGenerator json, SerializationContext context) {
      json.writePOJO(new ClubPerson(person.number(), names.of(person)));
    }
  }

  /** Heard as it is said; only the number counts. */
  private static final class ByNumber extends StdDeserializer<PersonId> {
    ByNumber() {
      super(PersonId.class);
    }

    @Override
    public PersonId deserialize(JsonParser json, DeserializationContext context) {
      JsonNode said = context.readTree(json);
      long number = said.path("id").asLong(0);
      return number < 1
          ? context.reportInputMismatch(PersonId.class, "Say who it is by their number")
          : new PersonId(number);
    }
  }

  private static final class Numbered extends StdSerializer<PersonId> {
    Numbered() {
      super(PersonId.class);
    }

    @Override
    public void serialize(PersonId person, JsonGenerator json, SerializationContext context) {
      json.writeNumber(person.number());
    }
  }

  private static final class FromNumber extends StdDeserializer<PersonId> {
    FromNumber() {
      super(PersonId.class);
    }

    @Override
    public PersonId deserialize(JsonParser json, DeserializationContext context) {
      return new PersonId(json.getLongValue());
    }
  }
}
