package ulnaawl.teach.cue;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.floor.Foot;
import ulnaawl.music.Count;
import ulnaawl.music.Tempo;

/**
 * What is called in a section, and when: early enough to be heard before it is danced. A call ends
 * when its step begins, and begins when the call before it has ended. What does not fit is
 * shortened, first by its foot, then to its name, then to its first word, the size and side of a
 * turn always kept; or said earlier, while the figure before is still danced.
 */
public final class Cues {

  /**
   * Syllables in a second that are understood over music: clear speech has 4 to 5 (from memory, no
   * source at hand).
   */
  static final int SYLLABLES_A_SECOND = 4;

  /** Counts before a section that its first call may take. */
  private static final int LEAD = 4;

  private final int ticksASyllable;
  private final List<Span> taken;
  private final List<Cue> cues = new ArrayList<>();

  /** When the call before has ended. */
  private int free = -LEAD * Count.TICKS;

  /** Ticks in which nothing is said before the call before. */
  private int roomBefore;

  private Cues(Tempo rate, List<Span> taken) {
    this.ticksASyllable = ticksASyllable(rate);
    this.taken = taken;
  }

  /** Ticks that a syllable takes at a rate, rounded up: better a little too long. */
  private static int ticksASyllable(Tempo rate) {
    long ticks = (long) rate.milliBpm() * Count.TICKS;
    long syllables = SYLLABLES_A_SECOND * 60_000L;
    return (int) Math.max(1, (ticks + syllables - 1) / syllables);
  }

  /** A place and the tick at which it is danced. */
  public record Timed(int tick, Place place) {}

  /** Ticks from {@code from} up to {@code to}, in which something else is said. */
  public record Span(int from, int to) {

    boolean meets(int start, int end) {
      return start < to && end > from;
    }
  }

  /**
   * The calls of a section.
   *
   * @param rate the count rate at which it is danced
   */
  public static List<Cue> of(Section section, Cue.Style style, Tempo rate) {
    Cues cues = new Cues(rate, List.of());
    switch (style) {
      case NAMES -> cues.names(timed(section.places()));
      case STEPS -> cues.steps(section.places());
      case COUNTS -> cues.counts(section.places(), false);
      case NUMBERED -> cues.counts(section.places(), true);
    }
    return cues.cues;
  }

  /**
   * The calls of figures in what is danced in a row.
   *
   * @param legs what is danced, each leg with its places in order of time; figures end with a leg
   * @param rate the count rate at which it is danced
   * @param taken when something more important is said
   */
  public static List<Cue> along(List<List<Timed>> legs, Tempo rate, List<Span> taken) {
    Cues cues = new Cues(rate, taken);
    legs.forEach(cues::names);
    return cues.cues;
  }

  /** How many ticks it takes to say something at a rate. */
  public static int ticksOf(String text, Tempo rate) {
    return Syllables.of(text) * ticksASyllable(rate);
  }

  /** How long it takes to say something, in milliseconds. */
  public static int millisOf(String text) {
    return Syllables.of(text) * 1000 / SYLLABLES_A_SECOND;
  }

  /** Whether something can be said in so many milliseconds. */
  public static boolean fits(String text, long millis) {
    return millisOf(text) <= millis;
  }

  private static List<Timed> timed(List<Place> places) {
    return places.stream().map(place -> new Timed(tick(place), place)).toList();
  }

  private void names(List<Timed> leg) {
    int at = 0;
    for (List<DancedFigure> breath :
        DancedFigure.breaths(leg.stream().map(Timed::place).toList())) {
      call(leg.get(at).tick(), shorter(breath));
      at += breath.stream().mapToInt(figure -> figure.places().size()).sum();
    }
  }

  private void steps(List<Place> places) {
    for (Place place : places) {
      String foot = place.foot().map(Cues::side).orElse("");
      String step =
          place.action().isPlainStep() ? place.placement().aloud() : place.action().name();
      List<String> words = new ArrayList<>();
      words.add((place.description() + " " + foot).strip());
      words.add((step + " " + foot).strip());
      words.add(foot.isEmpty() ? step : foot);
      call(tick(place), words.stream().distinct().toList());
    }
  }

  /** Counts are said with the step, not before it. */
  private void counts(List<Place> places, boolean numbered) {
    int number = 0;
    for (Place place : places) {
      number++;
      String word = numbered ? String.valueOf(number) : place.count().spoken();
      int at = tick(place);
      cues.add(new Cue(word, word, Cue.How.FITS, at, at, Syllables.of(word)));
    }
  }

  private static String side(Foot foot) {
    return foot == Foot.LEFT ? "left" : "right";
  }

  private static int tick(Place place) {
    return place.count().ticks() - Count.TICKS;
  }

  /**
   * The call in full; without its foot; its first word with the size and side of its turn, which
   * are never left out; its name, its first word where it does not turn.
   */
  private static List<String> shorter(List<DancedFigure> breath) {
    ulnaawl.dance.Call call = breath.getFirst().call();
    List<String> words = new ArrayList<>();
    words.add(ulnaawl.dance.Call.together(breath.stream().map(DancedFigure::call).toList()));
    String first = call.name().split(" ", 2)[0];
    if (breath.size() > 1) {
      words.add(call.name());
    } else if (call.turn().isNone()) {
      words.add(call.withoutFoot().aloud());
      words.add(call.name());
    } else {
      words.add(call.withoutFoot().aloud());
      words.add(first + " " + call.turn().aloud());
      words.add(call.turn().aloud());
      return words.stream().distinct().toList();
    }
    words.add(first);
    return words.stream().distinct().toList();
  }

  /** The longest of some words that can be said between the call before and the step. */
  private void call(int dance, List<String> words) {
    String full = words.getFirst();
    for (String text : words) {
      int syllables = Syllables.of(text);
      int start = dance - syllables * ticksASyllable;
      if (isTaken(start, dance)) {
        continue;
      }
      if (start >= free || makesRoom(free - start)) {
        Cue.How how = text.equals(full) ? Cue.How.FITS : Cue.How.SHORTENED;
        roomBefore = Math.max(0, start - free);
        cues.add(new Cue(text, full, how, start, dance, syllables));
        free = dance;
        return;
      }
    }
    roomBefore = 0;
    cues.add(new Cue("", full, Cue.How.SILENT, dance, dance, 0));
  }

  private boolean isTaken(int start, int end) {
    return taken.stream().anyMatch(span -> span.meets(start, end));
  }

  /** Says the call before so much earlier, if there is room before it. */
  private boolean makesRoom(int ticks) {
    if (ticks > roomBefore || cues.isEmpty()) {
      return false;
    }
    Cue last = cues.getLast();
    if (isTaken(last.startTick() - ticks, last.danceTick())) {
      return false;
    }
    cues.removeLast();
    cues.add(
        new Cue(
            last.text(),
            last.full(),
            Cue.How.MOVED,
            last.startTick() - ticks,
            last.danceTick(),
            last.syllables()));
    return true;
  }
}
