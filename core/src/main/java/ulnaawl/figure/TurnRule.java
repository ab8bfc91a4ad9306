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
 * @param shares eighths of turn on each of those steps as the figure is named; empty: even, the
 *     later steps first to take a quarter that is left
 * @param defaultEighths size of the turn where none is typed, in eighths; 0 for none
 * @param toward whether an unstated side means towards the leading foot
 * @param letterIsSide whether a letter after the figure is the side one turns to, not a foot
 */
public record TurnRule(
    List<Integer> steps,
    List<Integer> shares,
    int defaultEighths,
    boolean toward,
    boolean letterIsSide) {

  /** A typed turn comes after the last step; nothing turns by itself. */
  public static final TurnRule AFTER = new TurnRule(List.of(), List.of(), 0, true, false);

  public TurnRule {
    steps = List.copyOf(steps);
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
    if (steps.isEmpty() || steps.getLast() > places) {
      turns[places - 1] = whole;
      return List.of(turns);
    }
    int size = Math.abs(whole.eighths());
    int unit = size % 2 == 0 ? 2 : 1;
    int given = 0;
    for (int i = 0; i < steps.size(); i++) {
      boolean last = i == steps.size() - 1;
      int share =
          last
              ? size - given
              : shares.isEmpty()
                  ? size / unit * (i + 1) / steps.size() * unit - given
                  : Math.min(shares.get(i), size - given);
      given += share;
      turns[steps.get(i) - 1] = Turn.of(share, whole.side());
    }
    return List.of(turns);
  }
}
