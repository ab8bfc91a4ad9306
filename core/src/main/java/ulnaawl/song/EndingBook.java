package ulnaawl.song;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;

/** Ways to finish a dance, read from data. */
final class EndingBook {

  /**
   * A way to finish.
   *
   * @param counts whole counts it takes
   * @param eighths its turn towards the side of the free foot
   * @param lines step lines with F, O, T and A in place of feet and sides
   */
  record Way(String name, int counts, int eighths, List<String> lines) {

    Turn turn(Foot free) {
      return Turn.of(eighths, free.side());
    }

    /** The step lines for the foot that is free. */
    List<String> lines(Foot free) {
      return lines.stream()
          .map(line ->
              line.replaceAll("\\b[FT]\\b", free.letter())
                  .replaceAll("\\b[OA]\\b", free.other().letter())
                  .replaceFirst("^(\\S+)\\s+", "$1  "))
          .toList();
    }
  }

  private static final int FIELDS = 4;

  private EndingBook() {}

  static List<Way> ways() {
    return Standard.WAYS;
  }

  private static List<Way> read() {
    List<Way> ways = new ArrayList<>();
    for (String line : text().lines().toList()) {
      if (line.isBlank() || line.startsWith("#")) {
        continue;
      }
      String[] field = line.split("\\|", FIELDS);
      List<String> steps = List.of(field[3].strip().split("\\s*;\\s*", -1));
      ways.add(
          new Way(
              field[0].strip(),
              Integer.parseInt(field[1].strip()),
              Integer.parseInt(field[2].strip()),
              steps));
    }
    return List.copyOf(ways);
  }

  private static String text() {
    try (InputStream in =
        Objects.requireNonNull(EndingBook.class.getResourceAsStream("endings.txt"))) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static final class Standard {
    private static final List<Way> WAYS = read();
  }
}
