package ulnaawl.notation;

import java.util.List;
import java.util.Optional;
import ulnaawl.figure.Figure;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.floor.Weight;
import ulnaawl.text.SourceSpan;

/**
 * One figure on a step line.
 *
 * @param figure the figure that is meant
 * @param feet leading feet as typed; empty for the free foot
 * @param direction typed direction
 * @param travel typed travel ({@code to R})
 * @param turn typed turn
 * @param times how often the item is danced, 1 or more
 * @param ends where its last step leaves the weight, as typed ({@code both}, {@code weight L})
 * @param note what stood in brackets; may be empty
 * @param span the whole item
 */
public record Item(
    Figure figure,
    List<Stated<Foot>> feet,
    Optional<Placement> direction,
    Optional<Stated<Side>> travel,
    Optional<Stated<TypedTurn>> turn,
    int times,
    Optional<Weight> ends,
    String note,
    SourceSpan span) {

  public Item {
    feet = List.copyOf(feet);
  }

  /**
   * How often its figure is danced: once for every foot that is typed, and again for every time.
   */
  public int instances() {
    return times * Math.max(1, feet.size());
  }

  /** Places that it has where each of its figures is danced as it usually is. */
  public int usualPlaces() {
    return figure.danced(direction).getFirst().places() * instances();
  }

  /** As another figure, with the direction where that one understands it. */
  public Item withFigure(Figure other) {
    return new Item(
        other, feet, direction.filter(other::understands), travel, turn, times, ends, note, span);
  }

  public Item withDirection(Placement way) {
    return new Item(figure, feet, Optional.of(way), travel, turn, times, ends, note, span);
  }

  public Item withFeet(List<Stated<Foot>> other) {
    return new Item(figure, other, direction, travel, turn, times, ends, note, span);
  }

  public Item withTravel(Optional<Stated<Side>> other) {
    return new Item(figure, feet, direction, other, turn, times, ends, note, span);
  }

  public Item withTurn(Optional<Stated<TypedTurn>> other) {
    return new Item(figure, feet, direction, travel, other, times, ends, note, span);
  }

  public Item withEnds(Optional<Weight> other) {
    return new Item(figure, feet, direction, travel, turn, times, other, note, span);
  }

  /** With the other feet, to the other side. */
  public Item mirrored() {
    return withOtherFeet()
        .withTravel(travel.map(side -> new Stated<>(side.value().other(), side.span())))
        .turnedOtherwise();
  }

  /** With the other feet. */
  public Item withOtherFeet() {
    return withFeet(
        feet.stream().map(foot -> new Stated<>(foot.value().other(), foot.span())).toList());
  }

  /** Turned to the other side. */
  public Item turnedOtherwise() {
    return withTurn(turn.map(stated -> new Stated<>(stated.value().otherwise(), stated.span())));
  }

  public Item withoutNote() {
    return new Item(figure, feet, direction, travel, turn, times, ends, "", span);
  }

  /** With one more remark. */
  public Item withNote(String more) {
    String all = note.isEmpty() ? more : note + "; " + more;
    return new Item(figure, feet, direction, travel, turn, times, ends, all, span);
  }
}
