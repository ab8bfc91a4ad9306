package ulnaawl.floor;

/**
 * A point of the floor, in step lengths: x to the right and y to the front, as seen by a dancer who
 * stands at the origin and faces 12.
 */
public record Spot(double x, double y) {

  public static final Spot ORIGIN = new Spot(0, 0);

  /** Sines of the eight facings, so that quarters are exact. */
  private static final double[] SIN = {
    0, Math.sqrt(0.5), 1, Math.sqrt(0.5), 0, -Math.sqrt(0.5), -1, -Math.sqrt(0.5)
  };

  public Spot plus(Spot more) {
    return new Spot(x + more.x, y + more.y);
  }

  public Spot minus(Spot less) {
    return new Spot(x - less.x, y - less.y);
  }

  public Spot middle(Spot other) {
    return new Spot((x + other.x) / 2, (y + other.y) / 2);
  }

  public double distance(Spot other) {
    return Math.hypot(x - other.x, y - other.y);
  }

  /**
   * This vector turned to the right by a facing: what was ahead of a dancer at 12 is ahead there.
   */
  public Spot turned(Facing facing) {
    double sin = SIN[facing.eighths()];
    double cos = SIN[(facing.eighths() + 2) % 8];
    return new Spot(x * cos + y * sin, y * cos - x * sin);
  }

  /** This vector as a dancer with that facing sees it: the reverse of {@link #turned}. */
  public Spot seenFrom(Facing facing) {
    return turned(new Facing(Math.floorMod(-facing.eighths(), 8)));
  }
}
