package ulnaawl.floor;

/**
 * Where both feet are, in step lengths.
 *
 * @param left where the left foot is
 * @param right where the right foot is
 * @param lifted whether the free foot hangs above the floor, as after a kick
 */
public record Feet(Spot left, Spot right, boolean lifted) {

  /** From the middle of one foot to the middle of the other where they stand closed. */
  public static final double CLOSED_WIDTH = 0.3;

  /** Feet closed around the origin, facing 12. */
  public static final Feet CLOSED =
      new Feet(new Spot(-CLOSED_WIDTH / 2, 0), new Spot(CLOSED_WIDTH / 2, 0), false);

  /** Feet further from each other than this, ahead or aside, are neither closed nor crossed. */
  private static final double NEAR = 0.45;

  private static final double ROUNDING = 1e-6;

  /** How the feet stand to each other, as the dancer sees it. */
  public enum Stance {
    CLOSED,
    APART,
    CROSSED,
    OPEN
  }

  public Spot of(Foot foot) {
    return foot == Foot.LEFT ? left : right;
  }

  /** The right foot as seen from the left one, by a dancer with that facing. */
  public Spot rightFromLeft(Facing facing) {
    return right.minus(left).seenFrom(facing);
  }

  /** How far the feet are from each other. */
  public double distance() {
    return left.distance(right);
  }

  /**
   * A foot put down beside the other.
   *
   * @param offset from the other foot, as if {@code foot} were the right one and faced 12
   * @param facing the body's facing
   * @param nowLifted whether it ends above the floor
   */
  public Feet place(Foot foot, Spot offset, Facing facing, boolean nowLifted) {
    Spot mirrored = new Spot(offset.x() * foot.side().sign(), offset.y());
    Spot there = of(foot.other()).plus(mirrored.turned(facing));
    return foot == Foot.LEFT ? new Feet(there, right, nowLifted) : new Feet(left, there, nowLifted);
  }

  /** Both feet put down around the middle between them; {@code right} as seen from the left. */
  public Feet land(Spot rightFromLeft, Facing facing) {
    Spot middle = left.middle(right);
    Spot half = new Spot(rightFromLeft.x() / 2, rightFromLeft.y() / 2).turned(facing);
    return new Feet(middle.minus(half), middle.plus(half), false);
  }

  /** Both feet moved together. */
  public Feet moved(Spot by) {
    return new Feet(left.plus(by), right.plus(by), lifted);
  }

  /** Where the body is: above the foot with the weight, or between both. */
  public Spot body(Weight weight) {
    return switch (weight) {
      case LEFT -> left;
      case RIGHT -> right;
      case BOTH -> left.middle(right);
    };
  }

  public Stance stance(Facing facing) {
    Spot seen = rightFromLeft(facing);
    if (Math.abs(seen.y()) > NEAR) {
      return Stance.OPEN;
    }
    if (Math.abs(seen.x()) > NEAR) {
      return Stance.APART;
    }
    return seen.x() < -ROUNDING ? Stance.CROSSED : Stance.CLOSED;
  }
}
