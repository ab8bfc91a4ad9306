package ulnaawl.formats.json;

import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A JSON object whose values are lists of rows, and single values before them; read row by row, so
 * that a large file asks for no more memory than its largest row.
 */
public final class ListFile {

  /** Bytes of a file; a larger one is neither written nor taken. */
  public static final int MOST_BYTES = 24 * 1024 * 1024;

  private static final int MOST_DEPTH = 8;
  private static final int MOST_TEXT = 2_000_000;
  private static final long MOST_TOKENS = 4_000_000;

  private static final JsonMapper MAPPER =
      JsonMapper.builder(
              JsonFactory.builder()
                  .streamReadConstraints(
                      StreamReadConstraints.builder()
                          .maxNestingDepth(MOST_DEPTH)
                          .maxStringLength(MOST_TEXT)
                          .maxTokenCount(MOST_TOKENS)
                          .build())
                  .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                  .build())
          // A row is followed by others; what follows the file is looked at here.
          .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
          .build();

  private ListFile() {}

  /** Hears what is in a file, in its order. */
  public interface Reader {

    /** A value that is no list. */
    void value(String name, JsonNode value);

    /**
     * A row of a list.
     *
     * @param number from 1
     */
    void row(String list, int number, JsonNode row);
  }

  /**
   * Reads a file from its beginning to its end.
   *
   * @param file UTF-8, a byte order mark at most before it
   * @throws Unreadable where it is no such file; what the reader heard until then was in it
   */
  public static void read(byte[] file, Reader reader) throws Unreadable {
    try (JsonParser parser = MAPPER.createParser(file)) {
      if (parser.nextToken() != JsonToken.START_OBJECT) {
        throw new Unreadable("This is no club's file: it does not begin with a brace.");
      }
      while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
        String name = parser.currentName();
        if (parser.nextToken() == JsonToken.START_ARRAY) {
          rows(parser, name, reader);
        } else {
          reader.value(name, MAPPER.readTree(parser));
        }
      }
      if (parser.nextToken() != null) {
        throw new Unreadable("Something follows after the end" + at(parser.currentLocation()));
      }
    } catch (JacksonException e) {
      throw new Unreadable(
          "It cannot be read: "
              + e.getOriginalMessage()
              + Optional.ofNullable(e.getLocation()).map(ListFile::at).orElse("."));
    }
  }

  private static void rows(JsonParser parser, String list, Reader reader) {
    int number = 0;
    while (parser.nextToken() != JsonToken.END_ARRAY) {
      number++;
      reader.row(list, number, MAPPER.readTree(parser));
    }
  }

  private static String at(TokenStreamLocation where) {
    return " (line " + where.getLineNr() + ", column " + where.getColumnNr() + ").";
  }
}
