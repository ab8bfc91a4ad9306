package ulnaawl.play;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import ulnaawl.music.Count;
import ulnaawl.music.Meter;
import ulnaawl.music.Tempo;
import ulnaawl.teach.cue.Cue;
import ulnaawl.teach.cue.Cues;
import ulnaawl.teach.cue.Cues.Span;
import ulnaawl.teach.cue.Cues.Timed;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.wall.CallSheet;

/**
 * What is counted and called while a track is danced at a rate. Rules (common practice): exceptions
 * are warned about eight counts ahead and called four ahead, with as many of their steps as there
 * is time for; figures are called just before they are danced, where no exception is; counts fill
 * what is left and never talk over a call.
 */
public final class Spoken {

  /** What a number of a count takes when it is said shortly, in milliseconds (measured). */
  public static final int COUNT_MILLIS = 230;

  /** What {@code and}, {@code e} or {@code a} takes, in milliseconds (measured). */
  public static final int BETWEEN_MILLIS = 180;

  private static final long MILLIS_TIMES_MILLI = 60_000L * 1000L;

  private final Track track;
  private final Meter meter;
  private final Tempo rate;
  private final Announcer announcer;
  private final int countIn;
  private final List<Said> said = new ArrayList<>();

  private Spoken(Track track, Meter meter, Tempo rate, Announcer announcer) {
    this.track = track;
    this.meter = meter;
    this.rate = rate;
    this.announcer = announcer;
    this.countIn = TeachPace.countIn(meter);
  }

  /** All that is said, in order of time; the count-in lies before tick 0. */
  public static List<Said> of(Track track, Meter meter, Tempo rate, Announcer announcer) {
    Spoken spoken = new Spoken(track, meter, rate, announcer);
    spoken.exceptions();
    spoken.figures();
    spoken.counts();
    return spoken.said.stream().sorted(Comparator.comparingInt(Said::tick)).toList();
  }

  private void exceptions() {
    for (Track.Announced one : track.announced()) {
      int calledAt = one.tick() - CallSheet.AHEAD * Count.TICKS;
      String shout =
          announcer.shouts(one.call()).stream()
              .filter(it -> Cues.ticksOf(it, rate) <= CallSheet.AHEAD * Count.TICKS)
              .findFirst()
              .orElseGet(() -> announcer.shouts(one.call()).getLast());
      say(calledAt, Said.Kind.EXCEPTION, shout, one.tick());
      say(
          one.tick() - CallSheet.WARNED * Count.TICKS,
          Said.Kind.WARNING,
          announcer.warning(one.call()),
          calledAt);
    }
  }

  /** Says something where it fits between its moment and what comes. */
  private void say(int tick, Said.Kind kind, String text, int until) {
    int end = tick + Cues.ticksOf(text, rate);
    if (tick >= -countIn * Count.TICKS && end <= until && isFree(tick, end)) {
      said.add(new Said(tick, end, kind, text));
    }
  }

  private boolean isFree(int from, int to) {
    return said.stream().noneMatch(it -> it.tick() < to && it.endTick() > from);
  }

  private void figures() {
    List<Span> taken = said.stream().map(it -> new Span(it.tick(), it.endTick())).toList();
    List<List<Timed>> legs = new ArrayList<>();
    for (int leg = 0; leg < track.legs().size(); leg++) {
      legs.add(track.stepsOf(leg).map(step -> new Timed(step.tick(), step.place())).toList());
    }
    for (Cue cue : Cues.along(legs, rate, taken)) {
      if (cue.how() != Cue.How.SILENT) {
        int end = cue.startTick() + Cues.ticksOf(cue.text(), rate);
        said.add(new Said(cue.startTick(), end, Said.Kind.FIGURE, cue.text()));
      }
    }
  }

  /** Whole counts, and the places between them where something is danced and there is time. */
  private void counts() {
    TreeMap<Integer, String> counts = new TreeMap<>();
    for (int i = -countIn; i < 0; i++) {
      counts.put(i * Count.TICKS, String.valueOf(meter.sectionCounts() + i + 1));
    }
    for (Leg leg : track.legs()) {
      for (int i = 0; i < leg.counts(); i++) {
        int number = (leg.firstCount() - 1 + i) % meter.sectionCounts() + 1;
        counts.put(leg.tick() + i * Count.TICKS, String.valueOf(number));
      }
    }
    for (Track.Step step : track.steps()) {
      if (!step.place().count().isWhole()) {
        counts.putIfAbsent(step.tick(), step.place().count().subdivision());
      }
    }
    counts.forEach(this::count);
  }

  /** A place between two counts is only said where that is over before the next count. */
  private void count(int tick, String spoken) {
    boolean between = Math.floorMod(tick, Count.TICKS) != 0;
    int length = ticksOf(between ? BETWEEN_MILLIS : COUNT_MILLIS);
    int next = (Math.floorDiv(tick, Count.TICKS) + 1) * Count.TICKS;
    if ((!between || tick + length <= next) && isFree(tick, tick + length)) {
      said.add(new Said(tick, tick + length, Said.Kind.COUNT, announcer.count(spoken)));
    }
  }

  /** Ticks that some milliseconds are at the rate, rounded up. */
  private int ticksOf(int millis) {
    long ticks = (long) millis * Count.TICKS * rate.milliBpm();
    return (int) Math.max(1, (ticks + MILLIS_TIMES_MILLI - 1) / MILLIS_TIMES_MILLI);
  }
}
