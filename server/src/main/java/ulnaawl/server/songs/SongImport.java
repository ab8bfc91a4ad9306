package ulnaawl.server.songs;

import java.util.Comparator;
import java.util.List;

/**
 * What becomes of a list that is imported.
 *
 * @param done whether it was done; else it would be done like this
 * @param added new songs
 * @param filled songs of which blanks are filled
 * @param lines one for each song of the file and each fault, in its order
 */
public record SongImport(boolean done, int added, int filled, List<Line> lines) {

  public SongImport {
    lines = List.copyOf(lines);
  }

  /** What happens to a line. */
  public enum What {
    NEW,
    /** The club has the song; blanks are filled. */
    FILLED,
    /** The club has it, and knows as much. */
    SAME,
    /** The club has it and knows otherwise; what the club knows stays. */
    DIFFERS,
    /** It cannot be read. */
    FAULT
  }

  /** A line of the file; the line is 0 for what concerns the whole file. */
  public record Line(int line, String title, String artist, What what, String note) {}

  static SongImport of(boolean done, List<Line> lines) {
    return new SongImport(
        done,
        (int) lines.stream().filter(it -> it.what() == What.NEW).count(),
        (int) lines.stream().filter(it -> it.what() == What.FILLED).count(),
        lines.stream().sorted(Comparator.comparingInt(Line::line)).toList());
  }
}
