package ulnaawl.dance.compile;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.dance.Place;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.FigureBook.Way;
import ulnaawl.figure.FigureStep;
import ulnaawl.figure.FigureStep.Mover;
import ulnaawl.figure.Placement;
import ulnaawl.figure.TurnRule;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Turn;

/**
 * Finds the figures in the places of a section, however they were written: side, behind, side is a
 * vine. From the first place on the longest figure is taken whose steps, turns and rhythm are those
 * danced. Where several are, the easiest; but a name that was typed and asks for more (a camel walk
 * and not any walk) is kept.
 */
@RequiredArgsConstructor
final class Recognition {

  private final FigureBook book;

  /**
   * The places, each with what it is known as.
   *
   * @param firstRun the number that the first figure gets
   */
  List<Place> of(List<Place> places, int firstRun) {
    List<Place> known = new ArrayList<>(places.size());
    int run = firstRun;
    int at = 0;
    while (at < places.size()) {
      Place first = places.get(at);
      Optional<Way> found = longest(places, at);
      int length = found.map(way -> way.pattern().places()).orElse(1);
      String name = found.map(way -> way.figure().name()).orElse(first.figure());
      int typed = typedLength(places, at);
      if (typed > length) {
        length = typed;
        name = first.figure();
      }
      Place.Known as = new Place.Known(name, run++);
      for (int i = at; i < at + length; i++) {
        known.add(places.get(i).as(as));
      }
      at += length;
    }
    return known;
  }

  /** Places of the figure as it was typed; 0 where it began before. */
  private static int typedLength(List<Place> places, int at) {
    if (places.get(at).step() != 1) {
      return 0;
    }
    int end = at + 1;
    while (end < places.size() && places.get(end).run() == places.get(at).run()) {
      end++;
    }
    return end - at;
  }

  /** The longest in its usual rhythm; where there is none the longest in any of its rhythms. */
  private Optional<Way> longest(List<Place> places, int at) {
    Optional<Way> usual = longest(places, at, true);
    boolean one = usual.map(way -> way.pattern().places() == 1).orElse(true);
    return one ? longest(places, at, false).or(() -> usual) : usual;
  }

  private Optional<Way> longest(List<Place> places, int at, boolean usual) {
    Place first = places.get(at);
    Optional<Candidate> best = Optional.empty();
    for (Way way : book.beginningWith(first.action())) {
      if (best.isPresent() && way.pattern().places() < best.get().places()) {
        break;
      }
      Optional<Candidate> found = match(way, places, at, usual);
      if (found.isPresent() && found.get().isBetterThan(best, first.figure())) {
        best = found;
      }
    }
    return best.map(Candidate::way);
  }

  /**
   * A way that fits.
   *
   * @param sent whether it fits only when it is sent in another direction than its own
   */
  private record Candidate(Way way, boolean sent) {

    int places() {
      return way.pattern().places();
    }

    boolean isBetterThan(Optional<Candidate> best, String typed) {
      if (best.isEmpty()) {
        return true;
      }
      Figure other = best.get().way().figure();
      int harder = way.figure().level().compareTo(other.level());
      if (sent != best.get().sent()) {
        return best.get().sent();
      }
      return way.figure().name().equals(typed)
          ? harder > 0
          : harder < 0 && !other.name().equals(typed);
    }
  }

  private static Optional<Candidate> match(Way way, List<Place> places, int at, boolean usual) {
    int length = way.pattern().places();
    boolean fits =
        at + length <= places.size()
            && isInRhythm(way, places, at, usual)
            && looksLike(way, places, at)
            && (!isUniform(way) || way.figure().name().equals(places.get(at).figure()));
    if (!fits) {
      return Optional.empty();
    }
    List<Place> own = places.subList(at, at + length);
    List<Turn> turns = new ArrayList<>(length);
    own.forEach(place -> turns.add(place.turn()));
    Turn whole = Turn.sum(turns);
    TurnRule rule = way.figure().turn();
    boolean plain = whole.isNone() && own.stream().allMatch(place -> place.turn().isNone());
    boolean turned = plain ? rule.defaultEighths() == 0 : rule.spread(whole, length).equals(turns);
    if (!turned || (rule.defaultEighths() > 0 && whole.isNone())) {
      return Optional.empty();
    }
    if (isPlaced(way, own, turns, Optional.empty())) {
      return Optional.of(new Candidate(way, false));
    }
    return isPlaced(way, own, turns, Optional.of(own.getFirst().placement()))
        ? Optional.of(new Candidate(way, true))
        : Optional.empty();
  }

  /** Whether the actions and feet are those of a way, and the placements that nothing changes. */
  private static boolean looksLike(Way way, List<Place> places, int at) {
    Foot lead = lead(way, places, at);
    List<FigureStep> steps = way.pattern().steps();
    boolean fixed = !way.figure().turn().line();
    for (int i = 0; i < steps.size(); i++) {
      FigureStep step = steps.get(i);
      Optional<Foot> foot = places.get(at + i).foot();
      boolean sameFoot =
          step.mover() == Mover.NONE
              ? foot.isEmpty()
              : foot.isPresent()
                  && foot.get() == (step.mover() == Mover.LEAD ? lead : lead.other());
      boolean samePlacement =
          !fixed || step.fromText() || step.placement() == places.get(at + i).placement();
      if (!sameFoot || !samePlacement || !step.action().equals(places.get(at + i).action())) {
        return false;
      }
    }
    return true;
  }

  private static boolean isPlaced(
      Way way, List<Place> places, List<Turn> turns, Optional<Placement> direction) {
    Foot lead = lead(way, places, 0);
    for (int i = 0; i < places.size(); i++) {
      FigureStep written = way.pattern().steps().get(i);
      FigureStep step = direction.isPresent() ? written.towards(direction.get()) : written;
      if (TurnedSteps.placement(way.figure(), step, i + 1, lead, turns)
          != places.get(i).placement()) {
        return false;
      }
    }
    return true;
  }

  private static Foot lead(Way way, List<Place> places, int at) {
    for (int i = 0; i < way.pattern().places(); i++) {
      Mover mover = way.pattern().steps().get(i).mover();
      Optional<Foot> foot = places.get(at + i).foot();
      if (mover != Mover.NONE && foot.isPresent()) {
        return mover == Mover.LEAD ? foot.get() : foot.get().other();
      }
    }
    return Foot.RIGHT;
  }

  /** One thing over and over on the spot: two swivels are two swivels, unless they are named. */
  private static boolean isUniform(Way way) {
    FigureStep first = way.pattern().steps().getFirst();
    return way.pattern().places() > 1
        && first.mover() == Mover.NONE
        && way.pattern().steps().stream().allMatch(first::equals);
  }

  private static boolean isInRhythm(Way way, List<Place> places, int at, boolean usual) {
    int length = way.pattern().places();
    if (length == 1) {
      return true;
    }
    int start = places.get(at).at().ticks();
    int rhythms = usual ? Math.min(1, way.ticks().size()) : way.ticks().size();
    for (int rhythm = 0; rhythm < rhythms; rhythm++) {
      List<Integer> ticks = way.ticks().get(rhythm);
      boolean fits = true;
      for (int i = 1; fits && i < length; i++) {
        fits = places.get(at + i).at().ticks() - start == ticks.get(i);
      }
      if (fits) {
        return true;
      }
    }
    return false;
  }
}
