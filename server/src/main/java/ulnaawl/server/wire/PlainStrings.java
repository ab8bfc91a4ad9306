package ulnaawl.server.wire;

import java.text.Normalizer;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.deser.jdk.StringDeserializer;
import tools.jackson.databind.module.SimpleModule;
import ulnaawl.server.platform.Problem;

/**
 * Text that comes in is text that one can see. Control characters, halves of characters, and signs
 * without a width or that turn the direction of writing would make two names look alike and lines
 * read otherwise than they are (Unicode Technical Report 36, from memory); they are refused. The
 * same text is always the same characters: Unicode's normal form C.
 */
@Configuration
public class PlainStrings {

  private static final String BYTE_ORDER_MARK = "\uFEFF";

  @Bean
  JacksonModule visibleText() {
    return new SimpleModule("plain strings").addDeserializer(String.class, new Reader());
  }

  private static final class Reader extends StringDeserializer {
    @Override
    public @Nullable String deserialize(JsonParser json, DeserializationContext context) {
      @Nullable String text = super.deserialize(json, context);
      if (text == null) {
        return null;
      }
      check(text);
      return Normalizer.normalize(text, Normalizer.Form.NFC);
    }
  }

  /**
   * Refuses what cannot be seen.
   *
   * @throws Problem with the sign and its place
   */
  static void check(String text) {
    OptionalInt at = firstHidden(text);
    if (at.isPresent()) {
      throw Problem.rejected(
          "The text has a sign that cannot be seen (U+%04X, character %d); leave it out, typing the words anew helps."
              .formatted((int) text.charAt(at.getAsInt()), at.getAsInt() + 1));
    }
  }

  /** Where the first sign is that cannot be seen; from 0. */
  public static OptionalInt firstHidden(String text) {
    // Files of some programs begin with a byte order mark, which stands for nothing.
    for (int i = text.startsWith(BYTE_ORDER_MARK) ? 1 : 0; i < text.length(); i++) {
      char sign = text.charAt(i);
      if (Character.isHighSurrogate(sign)
          && i + 1 < text.length()
          && Character.isLowSurrogate(text.charAt(i + 1))) {
        i++;
      } else if (isHidden(sign)) {
        return OptionalInt.of(i);
      }
    }
    return OptionalInt.empty();
  }

  private static boolean isHidden(char sign) {
    boolean control = Character.isISOControl(sign) && sign != '\n' && sign != '\r' && sign != '\t';
    boolean direction = (sign >= 0x202A && sign <= 0x202E) || (sign >= 0x2066 && sign <= 0x2069);
    boolean mark = sign == 0x200E || sign == 0x200F || sign == 0x061C;
    boolean noWidth = (sign >= 0x200B && sign <= 0x200D) || sign == 0x2060 || sign == 0xFEFF;
    return control || direction || mark || noWidth || Character.isSurrogate(sign);
  }
}
