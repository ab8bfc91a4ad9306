package ulnaawl.text;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * A small table that ships beside the class that reads it: fields parted by bars, # begins a
 * remark.
 */
public final class DataFile {

  private DataFile() {}

  /**
   * The rows of a file, each with its fields stripped.
   *
   * @param owner the class beside which the file lies
   * @throws NullPointerException where there is no such file
   */
  public static List<List<String>> rows(Class<?> owner, String file) {
    List<List<String>> rows = new ArrayList<>();
    for (String line : text(owner, file).lines().toList()) {
      if (!line.isBlank() && !line.startsWith("#")) {
        rows.add(Stream.of(line.split("\\|", -1)).map(String::strip).toList());
      }
    }
    return List.copyOf(rows);
  }

  /** The whole text of a file beside a class. */
  public static String text(Class<?> owner, String file) {
    try (InputStream in = Objects.requireNonNull(owner.getResourceAsStream(file), file)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
