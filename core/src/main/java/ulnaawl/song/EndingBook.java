package ulnaawl.song;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;
import ulnaawl.text.DataFile;

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

  private EndingBook() {}

  static List<Way> ways() {
    return Standard.WAYS;
  }

  private static List<Way> read() {
    List<Way> ways = new ArrayList<>();
    for (List<String> row : DataFile.rows(EndingBook.class, "endings.txt")) {
      List<String> steps = List.of(row.get(3).split("(?<!\\s)\\s*;\\s*", -1));
      ways.add(
          new Way(
              row.getFirst(), Integer.parseInt(row.get(1)), Integer.parseInt(row.get(2)), steps));
    }
    return List.copyOf(ways);
  }

  private static final class Standard {
    private static final List<Way> WAYS = read();
  }
}
