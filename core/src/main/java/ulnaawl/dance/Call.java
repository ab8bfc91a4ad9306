package ulnaawl.dance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.floor.Turn;

/**
 * What an instructor calls for a figure.
 *
 * @param name the club's word for it; of a bare step its direction
 * @param direction where it goes, where that is not in its name
 * @param foot the foot that leads; empty where none moves, and where the side of a turn is called
 * @param toSide the side that one turns to, where a whole turn is in its name: {@code full turn
 *     right}
 * @param turn the turn of the whole figure; none where its name says it
 */
public record Call(
    String name,
    Optional<Placement> direction,
    Optional<Foot> foot,
    Optional<Side> toSide,
    Turn turn) {

  /** In full: {@code monterey right 1/4 right}. */
  public String words() {
    List<String> words = new ArrayList<>();
    words.add(name);
    direction.ifPresent(it -> words.add(it.label()));
    foot.ifPresent(it -> words.add(it.word()));
    toSide.ifPresent(it -> words.add(it.word()));
    if (!turn.isNone()) {
      words.add(turn.label());
    }
    return String.join(" ", words);
  }

  /** The same without its foot. */
  public Call withoutFoot() {
    return new Call(name, direction, Optional.empty(), toSide, turn);
  }

  /** The same without its turn, for where that is shown by itself. */
  public Call withoutTurn() {
    return new Call(name, direction, foot, toSide, Turn.NONE);
  }

  /**
   * Several figures in one breath: {@code sway right left right}, {@code jazz box right x2}.
   *
   * @param calls at least one
   */
  public static String together(List<Call> calls) {
    Call first = calls.getFirst();
    if (calls.size() == 1) {
      return first.words();
    }
    if (calls.stream().allMatch(first::equals)) {
      return first.words() + " x" + calls.size();
    }
    boolean feetAlone = calls.stream().allMatch(it -> it.withoutFoot().equals(first.withoutFoot()));
    if (!feetAlone) {
      return calls.stream().map(Call::words).collect(Collectors.joining(", "));
    }
    String feet =
        calls.stream()
            .flatMap(it -> it.foot().stream())
            .map(Foot::word)
            .collect(Collectors.joining(" "));
    String turned = first.turn().isNone() ? "" : " " + first.turn().label();
    Call bare =
        new Call(first.name(), first.direction(), Optional.empty(), Optional.empty(), Turn.NONE);
    return bare.words() + " " + feet + turned;
  }
}
