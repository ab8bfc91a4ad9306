package ulnaawl.dance.compile;

import java.util.Optional;
import ulnaawl.figure.Rhythm;
import ulnaawl.notation.Item;
import ulnaawl.notation.StepLine;

/** Offers counts for a line whose places and steps do not agree. */
final class RhythmOffer {

  private RhythmOffer() {}

  /** The rhythm in which the figures are usually counted, within the line's whole counts. */
  static Optional<String> likely(StepLine line, int steps) {
    if (line.counts().isEmpty() || line.items().isEmpty()) {
      return Optional.empty();
    }
    int first = line.counts().getFirst().number();
    if (first < 1) {
      return Optional.empty();
    }
    int whole = line.counts().getLast().number() - first + 1;
    StringBuilder rhythm = new StringBuilder();
    int next = first;
    for (Item item : line.items()) {
      String usual = item.figure().danced(item.direction()).getFirst().rhythm();
      int repeats = item.instances();
      for (int i = 0; i < repeats; i++) {
        if (usual.startsWith("&")) {
          return Optional.empty();
        }
        if (!rhythm.isEmpty()) {
          rhythm.append(' ');
        }
        rhythm.append(shift(usual, next - 1));
        next += Rhythm.wholeCounts(usual);
      }
    }
    if (next - first == whole) {
      return Optional.of(rhythm.toString());
    }
    // As many steps as counts: one to a count. Otherwise there is no telling.
    return steps == whole && whole > 1
        ? Optional.of(first + "-" + (first + whole - 1))
        : Optional.empty();
  }

  private static String shift(String rhythm, int by) {
    StringBuilder result = new StringBuilder();
    for (char c : rhythm.toCharArray()) {
      if (Character.isDigit(c)) {
        result.append(c - '0' + by);
      } else {
        result.append(c);
      }
    }
    return result.toString();
  }
}
