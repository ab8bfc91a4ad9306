package ulnaawl.dance;

import java.util.List;
import java.util.Optional;
import ulnaawl.figure.Movement;
import ulnaawl.figure.Placement;
import ulnaawl.figure.WeightEffect;
import ulnaawl.floor.Foot;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.text.SourceSpan;

/**
 * What the body does at one place in time. Facings are relative to the start of the passage (the
 * wall, the tag).
 *
 * @param section number of the section in its dance, from 1; 0 in a tag, bridge or ending
 * @param count the count as written, within its section
 * @param at the count from the start of the passage
 * @param foot the foot that moves; empty where none does
 * @param action what is done
 * @param placement where the foot goes
 * @param before weight before
 * @param after weight after
 * @param turn how far the body turns on this place
 * @param turnsFirst whether the body turns before the foot goes there, not after
 * @param facing where the body points after it
 * @param figure name of the figure that it belongs to
 * @param run which figure of the passage, from 0: places with the same number are one figure
 * @param step which step of the figure, from 1
 * @param known what it is danced as, however it was written: the figure that these places are
 * @param call what an instructor calls for the whole figure; the same on all its places
 * @param note what stood in brackets; may be empty
 * @param span the item in the text
 */
public record Place(
    int section,
    Count count,
    Count at,
    Optional<Foot> foot,
    Movement action,
    Placement placement,
    Weight before,
    Weight after,
    Turn turn,
    boolean turnsFirst,
    RelativeFacing facing,
    String figure,
    int run,
    int step,
    Known known,
    Call call,
    String note,
    SourceSpan span) {

  /**
   * The figure that places are by their steps, whatever they were called.
   *
   * @param figure its name in the figure book
   * @param run which of the passage, from 0: places with the same number are one figure
   */
  public record Known(String figure, int run) {}

  /** The same place, known as a figure. */
  public Place as(Known figureDanced) {
    return new Place(
        section,
        count,
        at,
        foot,
        action,
        placement,
        before,
        after,
        turn,
        turnsFirst,
        facing,
        figure,
        run,
        step,
        figureDanced,
        call,
        note,
        span);
  }

  /** In the trade's words: {@code step side}, {@code touch together}, {@code hold}. */
  public String description() {
    boolean placed =
        foot.isPresent()
            && placement != Placement.IN_PLACE
            && action.effect() != WeightEffect.SETTLES;
    return placed ? action.name() + " " + placement.label() : action.name();
  }

  /** Whether the moving foot takes the weight, or a part of it. */
  public boolean takesWeight() {
    return foot.isPresent() && !isWithoutWeight();
  }

  /** Whether the foot moves without taking weight. */
  public boolean isWithoutWeight() {
    return action.effect() == WeightEffect.FREE;
  }

  /** Whether the same foot does the same at the same place, turned as far, with the same weight. */
  public boolean isDancedLike(Place other) {
    return foot.equals(other.foot)
        && action.equals(other.action)
        && placement == other.placement
        && turn.equals(other.turn)
        && after == other.after;
  }

  /** Whether places, one by one, are danced like others. */
  public static boolean areDancedLike(List<Place> places, List<Place> others) {
    if (places.size() != others.size()) {
      return false;
    }
    for (int i = 0; i < places.size(); i++) {
      if (!places.get(i).isDancedLike(others.get(i))) {
        return false;
      }
    }
    return true;
  }

  /** The turn of places that are danced one after the other. */
  public static Turn turnOf(List<Place> places) {
    Turn turn = Turn.NONE;
    for (Place place : places) {
      turn = turn.plus(place.turn);
    }
    return turn;
  }
}
