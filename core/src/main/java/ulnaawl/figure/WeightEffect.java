package ulnaawl.figure;

/** What an elementary movement does to the weight. */
public enum WeightEffect {
  /** The free foot moves and takes the weight. */
  TAKES,
  /** The free foot moves and the weight stays. */
  FREE,
  /** No foot is asked for and the weight stays. */
  STILL,
  /** The weight goes to the named foot, wherever it was. */
  SHIFTS,
  /** The weight goes to the named foot; where none is named it stays. */
  SETTLES,
  /** The supporting foot leaves the floor and lands again. */
  HOPS,
  /** Both feet leave the floor and both land with weight. */
  LANDS
}
