package ulnaawl.figure;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Spot;
import ulnaawl.text.WordTree;

/**
 * Where a foot goes, as the dancer sees it. The ones that can be typed as a direction say so. Each
 * has its usual distance from the other foot, in step lengths (from memory).
 */
public enum Placement {
  FWD("fwd", at(0.3, 1), "fwd", "forward", "forwards"),
  BACK("back", at(0.3, -1), "back", "backward", "backwards"),
  SIDE("side", at(1, 0), "side", "sideways"),
  TOGETHER("together", at(0.3, 0), "together", "tog", "close", "beside", "home"),
  CROSS("cross", at(-0.3, 0.3), "cross", "across"),
  BEHIND("behind", at(-0.3, -0.3), "behind"),
  IN_PLACE("in-place", at(0.3, 0), "in-place", "in place", "on the spot"),
  DIAG_FWD(
      "diag-fwd", at(0.7, 0.7), "diag-fwd", "diagonal forward", "diagonally forward", "diag fwd"),
  DIAG_BACK(
      "diag-back", at(0.7, -0.7), "diag-back", "diagonal back", "diagonally back", "diag back"),
  CROSS_FWD("cross-fwd", at(-0.1, 1)),
  OUT("out", at(1, 0)),
  OUT_FWD("out-fwd", at(0.65, 0.6)),
  IN("in", at(0.3, 0)),
  IN_BACK("in-back", at(0.65, -0.6)),
  LOCK_BEHIND("lock-behind", at(-0.1, -0.3)),
  LOCK_FRONT("lock-front", at(-0.1, 0.3));

  /** Feet nearer than this have not been put apart yet. */
  private static final double APART = 0.5;

  /** Feet further than this stand apart on both sides. */
  private static final double WIDE = 0.9;

  /** Half-way between closed and wide: one foot out, the other at home. */
  private static final Spot HALF_OUT = at(0.65, 0);

  private final String label;
  private final Spot offset;
  private final List<String> words;

  Placement(String label, Spot offset, String... words) {
    this.label = label;
    this.offset = offset;
    this.words = List.of(words);
  }

  private static Spot at(double aside, double ahead) {
    return new Spot(aside, ahead);
  }

  /**
   * Where the foot goes, from the other foot, as if it were the right one and the dancer faced 12.
   * An "out" or "in" depends on how far the feet are apart already.
   */
  public Spot offset(Feet now) {
    return switch (this) {
      case OUT -> now.distance() < APART ? HALF_OUT : offset;
      case IN -> now.distance() > WIDE ? HALF_OUT : offset;
      default -> offset;
    };
  }

  /** As it is said: {@code diagonal forward}. */
  public String aloud() {
    return label.replace("fwd", "forward").replace("diag-", "diagonal ");
  }

  /** The canonical word. */
  public String label() {
    return label;
  }

  /** What may be typed for it, lower case; empty where it cannot be typed. */
  public List<String> words() {
    return words;
  }

  /** The placement that is typed at a word, all lower case, in as many words as there are. */
  public static Optional<WordTree.Match<Placement>> typed(List<String> words, int from) {
    return Typed.WORDS.longest(words, from);
  }

  private static final class Typed {
    private static final WordTree<Placement> WORDS =
        WordTree.of(
            Stream.of(values())
                .flatMap(
                    one -> one.words.stream().map(word -> Map.entry(word.replace('-', ' '), one)))
                .distinct()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
  }

  /** The placement with this canonical word. */
  public static Optional<Placement> named(String label) {
    String wanted = label.toLowerCase(Locale.ROOT);
    for (Placement placement : values()) {
      if (placement.label.equals(wanted)) {
        return Optional.of(placement);
      }
    }
    return Optional.empty();
  }
}
