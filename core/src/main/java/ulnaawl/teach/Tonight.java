package ulnaawl.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import ulnaawl.dance.SectionSet;
import ulnaawl.level.LevelMeasure;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Practice;
import ulnaawl.teach.school.OpenDrill;
import ulnaawl.teach.school.SchoolOrder;

/**
 * How far a school can go with a group in some minutes: every natural stop laid out, and the one to
 * take. It is the furthest after which the group is ready enough with every section that it was
 * taught; where there is none, the first; what somebody chose, where somebody did.
 *
 * @param known sections that the group goes on from
 * @param stops from near to far; at least one
 * @param chosen the place in {@code stops} of the one that is taken
 * @param advised the place of the one that would be taken by itself
 */
record Tonight(SectionSet known, List<Stop> stops, int chosen, int advised) {

  Tonight {
    stops = List.copyOf(stops);
  }

  /** A stop with its layout. */
  record Stop(int upTo, SectionSet reached, Layout layout, int leastDone) {}

  static Tonight of(Lesson lesson, SchoolOrder order, int minutes, OptionalInt upTo) {
    int all = lesson.sections().size();
    SectionSet shown = lesson.learner().shown();
    // What the group has been shown to the end is taught again from the start.
    SectionSet known = shown.isWhole(all) || !order.goesOn() ? SectionSet.NONE : shown;
    List<Stop> stops = new ArrayList<>();
    for (int next : order.stops(lesson)) {
      if (!known.containsAll(order.reached(lesson, SectionSet.NONE, next))) {
        List<OpenDrill> slots = order.slots(lesson, known, next);
        Layout layout = Layout.of(lesson, slots, minutes * 60);
        int ready = layout.fits() ? layout.leastDone(lesson) : 0;
        stops.add(new Stop(next, order.reached(lesson, known, next), layout, ready));
      }
    }
    int advised = advised(stops, Practice.enough(levelsAbove(lesson)));
    int chosen = upTo.isPresent() ? nearest(stops, upTo.getAsInt()) : advised;
    return new Tonight(known, stops, chosen, advised);
  }

  /** Levels that the dance lies above the group; 0 where it does not, or the group has no level. */
  static int levelsAbove(Lesson lesson) {
    return lesson
        .learner()
        .level()
        .map(own -> Math.max(0, LevelMeasure.of(lesson.dance(), lesson.book()).level().above(own)))
        .orElse(0);
  }

  private static int advised(List<Stop> stops, int enough) {
    int furthest = 0;
    for (int i = 0; i < stops.size(); i++) {
      Layout layout = stops.get(i).layout();
      furthest = layout.fits() && stops.get(i).leastDone() >= enough ? i : furthest;
    }
    return furthest;
  }

  /** The stop that gets at least so far; the last where none does. */
  private static int nearest(List<Stop> stops, int upTo) {
    for (int i = 0; i < stops.size(); i++) {
      if (stops.get(i).upTo() >= upTo) {
        return i;
      }
    }
    return stops.size() - 1;
  }

  Stop stop() {
    return stops.get(chosen);
  }

  /** Every stop as somebody may choose it. */
  List<HowFar> howFar() {
    List<HowFar> all = new ArrayList<>();
    for (Stop stop : stops) {
      all.add(
          new HowFar(
              stop.upTo(),
              stop.reached(),
              stop.layout().shortestSeconds(),
              stop.layout().fits(),
              stop.leastDone(),
              stop.equals(stop())));
    }
    return all;
  }
}
