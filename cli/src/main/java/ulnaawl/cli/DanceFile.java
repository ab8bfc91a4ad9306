package ulnaawl.cli;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;

/** A dance in step text, as a file. */
final class DanceFile {

  private static final long MOST_BYTES = 8L * 1024 * 1024;

  private DanceFile() {}

  /** Its text; UTF-8, a byte order mark left out. */
  static String read(String file) throws Unreadable {
    try {
      Path path = Path.of(file);
      if (!Files.isRegularFile(path)) {
        throw new Unreadable("there is no file " + file);
      }
      if (Files.size(path) > MOST_BYTES) {
        throw new Unreadable(file + " is larger than any dance; is it the right file?");
      }
      String text =
          StandardCharsets.UTF_8
              .newDecoder()
              .decode(ByteBuffer.wrap(Files.readAllBytes(path)))
              .toString();
      if (text.indexOf('\0') >= 0) {
        throw new Unreadable(file + " is not a text file");
      }
      return text.startsWith("\ufeff") ? text.substring(1) : text;
    } catch (CharacterCodingException e) {
      throw new Unreadable(file + " is not a text file in UTF-8");
    } catch (InvalidPathException | IOException e) {
      throw new Unreadable(file + " cannot be read: " + e.getMessage());
    }
  }
}
