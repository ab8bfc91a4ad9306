package ulnaawl.notation.write;

import java.util.List;
import ulnaawl.music.Count;

/** Writes counts: whole ones in a row as {@code 1-4}, divided ones without spaces: {@code 3&4}. */
final class CountsWriter {

  private CountsWriter() {}

  static String write(List<Count> counts) {
    StringBuilder text = new StringBuilder();
    int i = 0;
    while (i < counts.size()) {
      int end = runOfWholes(counts, i);
      boolean glued = i > 0 && !counts.get(i - 1).isWhole();
      if (!text.isEmpty() && !glued && counts.get(i).isWhole()) {
        text.append(' ');
      }
      if (end > i && !glued) {
        text.append(counts.get(i).number()).append('-').append(counts.get(end).number());
        i = end + 1;
      } else {
        Count count = counts.get(i);
        text.append(count.isWhole() ? String.valueOf(count.number()) : count.subdivision());
        i++;
      }
    }
    return text.toString();
  }

  /** The last of the whole counts in a row from {@code from} on, leaving one that is divided. */
  private static int runOfWholes(List<Count> counts, int from) {
    int end = from;
    while (end + 1 < counts.size()
        && counts.get(end).isWhole()
        && counts.get(end + 1).ticks() == counts.get(end).ticks() + Count.TICKS) {
      end++;
    }
    boolean divided =
        end + 1 < counts.size() && !counts.get(end + 1).isWhole() && counts.get(end).isWhole();
    return divided && end > from ? end - 1 : end;
  }
}
