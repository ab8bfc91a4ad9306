package ulnaawl.figure;

import java.util.List;
import java.util.Optional;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.floor.Turn;

/**
 * Where a figure's turn falls, and how far it turns where nothing is typed.
 *
 * @param steps the steps that turn, from 1, rising; empty: a typed turn comes after the last step
 * @param halfSteps the steps that share a half turn evenly, where these are others; else empty
 * @param shares eighths of turn on each of those steps as the figure is named; empty: even, the
 *     later steps first to take a quarter that is left
 * @param defaultEighths size of the turn where none is typed, in eighths; 0 for none
 * @param toward whether an unstated side means towards the leading foot
 * @param letterIsSide whether a letter after the figure is the side one turns to, not a foot
 * @param line whether turned steps keep to the line that the figure travels on: a quarter turn to
 *     the right makes a step to the right one forward
 */
public record TurnRule(
    List<Integer> steps,
    List<Integer> halfSteps,
    List<Integer> shares,
    int defaultEighths,
    boolean toward,
    boolean letterIsSide,
    boolean line) {

  /** A typed turn comes after the last step; nothing turns by itself. */
  public static final TurnRule AFTER =
      new TurnRule(List.of(), List.of(), List.of(), 0, true, false, false);

  private static final int HALF = 4;

  public TurnRule {
    steps = List.copyOf(steps);
    halfSteps = List.copyOf(halfSteps);
    shares = List.copyOf(shares);
    if (!shares.isEmpty() && shares.size() != steps.size()) {
      throw new IllegalArgumentException("As many shares as turning steps");
    }
  }

  /** The side meant where a turn is typed without one. */
  public Side defaultSide(Foot lead) {
    return toward ? lead.side() : lead.other().side();
  }

  /** The turn where none is typed; empty where the figure does not turn by itself. */
  public Optional<Turn> defaultTurn(Foot lead) {
    return defaultEighths == 0
        ? Optional.empty()
        : Optional.of(Turn.of(defaultEighths, defaultSide(lead)));
  }

  /** How a whole turn falls on the steps of a pattern; as many entries as {@code places}. */
  public List<Turn> spread(Turn whole, int places) {
    Turn[] turns = new Turn[places];
    java.util.Arrays.fill(turns, Turn.NONE);
    int size = Math.abs(whole.eighths());
    List<Integer> on = size == HALF && !halfSteps.isEmpty() ? halfSteps : steps;
    if (on.isEmpty() || on.getLast() > places) {
      turns[places - 1] = whole;
      return List.of(turns);
    }
    int unit = size % 2 == 0 ? 2 : 1;
    int given = 0;
    for (int i = 0; i < on.size(); i++) {
      boolean last = i == on.size() - 1;
      int share =
          last
              ? size - given
              : shares.isEmpty()
                  ? size / unit * (i + 1) / on.size() * unit - given
                  : Math.min(shares.get(i), size - given);
      given += share;
      turns[on.get(i) - 1] = Turn.of(share, whole.side());
    }
    return List.of(turns);
  }
}
