package ulnaawl.floor;

import java.util.Optional;

/** Which foot carries the body. */
public enum Weight {
  LEFT("L"),
  RIGHT("R"),
  BOTH("both");

  private final String label;

  Weight(String label) {
    this.label = label;
  }

  /** {@code L}, {@code R} or {@code both}. */
  public String label() {
    return label;
  }

  public static Weight on(Foot foot) {
    return foot == Foot.LEFT ? LEFT : RIGHT;
  }

  /** Whether {@code foot} can move: it does not carry the body alone. */
  public boolean frees(Foot foot) {
    return this != on(foot);
  }

  /** The one free foot; empty where both share the weight. */
  public Optional<Foot> freeFoot() {
    return switch (this) {
      case LEFT -> Optional.of(Foot.RIGHT);
      case RIGHT -> Optional.of(Foot.LEFT);
      case BOTH -> Optional.empty();
    };
  }

  /** Whether steps that are written for {@code next} can follow where this weight is left. */
  public boolean joins(Weight next) {
    return this == next || this == BOTH || next == BOTH;
  }
}
