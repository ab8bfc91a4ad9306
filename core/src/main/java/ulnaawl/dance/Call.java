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
 * @param template what is said for it, see {@link ulnaawl.figure.FigureGuide#aloud}
 */
public record Call(
    String name,
    Optional<Placement> direction,
    Optional<Foot> foot,
    Optional<Side> toSide,
    Turn turn,
    Optional<String> template) {

  /** Nothing is called. */
  public static final Call NOTHING =
      new Call(
          "", Optional.empty(), Optional.empty(), Optional.empty(), Turn.NONE, Optional.empty());

  private static final String TURN = "{turn}";
  private static final String SIDES = "{sides}";

  /** As it is written, in full: {@code monterey right 1/4 right}. */
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

  /**
   * As it is said in the hall: {@code step, half turn left}, {@code monterey right quarter right}.
   */
  public String aloud() {
    String sides = foot.map(Foot::word).orElse("");
    if (template.isPresent() && !(turn.isNone() && template.get().contains(TURN))) {
      return filled(template.get(), sides);
    }
    List<String> said = new ArrayList<>();
    said.add(Placement.named(name).map(Placement::aloud).orElse(name));
    direction.ifPresent(it -> said.add(it.aloud()));
    foot.ifPresent(it -> said.add(it.word()));
    toSide.ifPresent(it -> said.add(it.word()));
    if (!turn.isNone()) {
      said.add(turn.aloud());
    }
    return String.join(" ", said);
  }

  private String filled(String text, String sides) {
    return text.replace(TURN, turn.turnAloud()).replace(SIDES, sides).strip();
  }

  /** Whether several of them in a row are said in one breath: {@code hips right-right, left}. */
  public boolean isSaidTogether() {
    return template.filter(it -> it.contains(SIDES)).isPresent() && turn.isNone();
  }

  /** The same without its foot. */
  public Call withoutFoot() {
    return new Call(name, direction, Optional.empty(), toSide, turn, template);
  }

  /** The same without its turn, for where that is shown by itself. */
  public Call withoutTurn() {
    return new Call(name, direction, foot, toSide, Turn.NONE, template);
  }

  /**
   * Several figures in one breath: {@code sway right left right}, {@code jazz box right x2}.
   *
   * @param calls at least one
   */
  public static String together(List<Call> calls) {
    Call first = calls.getFirst();
    if (calls.size() == 1) {
      return first.aloud();
    }
    if (calls.stream().allMatch(it -> it.isSaidTogether() && it.name().equals(first.name()))) {
      return first.filled(first.template().orElseThrow(), sides(calls));
    }
    if (calls.stream().allMatch(first::equals)) {
      return first.aloud() + " x" + calls.size();
    }
    boolean feetAlone = calls.stream().allMatch(it -> it.withoutFoot().equals(first.withoutFoot()));
    if (!feetAlone) {
      return calls.stream().map(Call::aloud).collect(Collectors.joining(", "));
    }
    String feet =
        calls.stream()
            .flatMap(it -> it.foot().stream())
            .map(Foot::word)
            .collect(Collectors.joining(" "));
    String turned = first.turn().isNone() ? "" : " " + first.turn().aloud();
    return first.withoutFoot().withoutTurn().aloud() + " " + feet + turned;
  }

  /** Sides in a row, the same ones tied: {@code right-right, left-left}. */
  private static String sides(List<Call> calls) {
    StringBuilder said = new StringBuilder();
    String before = "";
    for (Call call : calls) {
      String side = call.foot().map(Foot::word).orElse("");
      said.append(said.isEmpty() ? "" : side.equals(before) ? "-" : ", ").append(side);
      before = side;
    }
    return said.toString();
  }
}
