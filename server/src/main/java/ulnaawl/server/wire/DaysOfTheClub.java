package ulnaawl.server.wire;

import java.text.ParseException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Locale;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.format.Formatter;
import org.springframework.format.FormatterRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.std.StdDeserializer;
import tools.jackson.databind.ext.javatime.deser.LocalDateDeserializer;
import tools.jackson.databind.module.SimpleModule;
import ulnaawl.server.platform.ClubDays;

/** Every day that comes in, in a body or an address, is one that a club may write down. */
@Configuration
@RequiredArgsConstructor
class DaysOfTheClub implements WebMvcConfigurer {

  private final ClubDays days;

  @Bean
  JacksonModule clubDaysOnly() {
    return new SimpleModule("days of the club").addDeserializer(LocalDate.class, new Reader(days));
  }

  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addFormatterForFieldType(LocalDate.class, new OfAddress(days));
  }

  private static final class Reader extends StdDeserializer<LocalDate> {
    private final transient ClubDays days;

    Reader(ClubDays days) {
      super(LocalDate.class);
      this.days = days;
    }

    @Override
    public @Nullable LocalDate deserialize(JsonParser json, DeserializationContext context) {
      @Nullable LocalDate day = LocalDateDeserializer.INSTANCE.deserialize(json, context);
      return day == null ? null : days.checked(day);
    }
  }

  /** A day in an address: ISO 8601. */
  private record OfAddress(ClubDays days) implements Formatter<LocalDate> {
    @Override
    public LocalDate parse(String text, Locale locale) throws ParseException {
      try {
        return days.checked(LocalDate.parse(text));
      } catch (DateTimeException no) {
        throw new ParseException("No day: " + text, 0);
      }
    }

    @Override
    public String print(LocalDate day, Locale locale) {
      return day.toString();
    }
  }
}
