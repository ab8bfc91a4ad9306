package ulnaawl.figure;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Where a foot goes, as the dancer sees it. The ones that can be typed as a direction say so. */
public enum Placement {
  FWD("fwd", true, "forward", "forwards", "fwd"),
  BACK("back", true, "back", "backward", "backwards"),
  SIDE("side", true, "side", "sideways"),
  TOGETHER("together", true, "together", "tog", "close", "beside", "home"),
  CROSS("cross", true, "cross", "across"),
  BEHIND("behind", true, "behind"),
  IN_PLACE("in-place", true, "in-place", "in place", "on the spot"),
  DIAG_FWD("diag-fwd", true, "diag-fwd", "diagonal forward", "diagonally forward", "diag fwd"),
  DIAG_BACK("diag-back", true, "diag-back", "diagonal back", "diagonally back", "diag back"),
  OUT("out", false),
  IN("in", false),
  LOCK_BEHIND("lock-behind", false),
  LOCK_FRONT("lock-front", false);

  private final String label;
  private final boolean typed;
  private final List<String> words;

  Placement(String label, boolean typed, String... words) {
    this.label = label;
    this.typed = typed;
    this.words = List.of(words);
  }

  /** The canonical word. */
  public String label() {
    return label;
  }

  /** Whether it may be typed as a direction in step text. */
  public boolean isTyped() {
    return typed;
  }

  /** What may be typed for it, lower case; empty where it cannot be typed. */
  public List<String> words() {
    return words;
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
