package ulnaawl.wall;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import ulnaawl.dance.Dance;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.music.Count;
import ulnaawl.text.SourceSpan;

/**
 * What to call in a song, and when: every wall in order with its exceptions. The class is warned
 * eight counts ahead, and the call with its steps comes four ahead (common practice).
 *
 * @param lines one for each wall
 */
public record CallSheet(List<Line> lines) {

  /** Counts that a call comes ahead of what it calls. */
  public static final int AHEAD = 4;

  /** Counts that a warning comes ahead of it. */
  public static final int WARNED = 8;

  public CallSheet {
    lines = List.copyOf(lines);
  }

  /**
   * The first call for something that begins after so many counts since the first step, or later.
   */
  public Optional<Call> next(int danced) {
    return lines.stream()
        .flatMap(line -> line.calls().stream())
        .filter(call -> call.startCount() >= danced)
        .findFirst();
  }

  /** A wall with what is to be called on it, in order of time. */
  public record Line(Wall wall, List<Call> calls) {
    public Line {
      calls = List.copyOf(calls);
    }
  }

  /**
   * Something to call.
   *
   * @param what what it is; a step change belongs to its restart
   * @param optional whether only some clubs dance it
   * @param startCount counts danced since the first step when it begins; for a restart, when the
   *     next wall begins
   * @param first counts danced since the first step when the steps begin that must have been heard:
   *     the changed ones of a restart, which come before it
   * @param warning the count to warn on: the first count of the dance where it comes so early
   * @param warningMillis clock time of the warning, where the tempo is known
   * @param point the count to call on
   * @param callMillis clock time of the call, where the tempo is known
   * @param begins clock time at which it is danced, where the tempo is known
   * @param facing where it faces when it begins; for a restart, where the next wall starts
   * @param steps what is danced, with its counts; for a restart, its changed steps with those of
   *     their section
   * @param then how it goes on
   */
  public record Call(
      What what,
      boolean optional,
      int startCount,
      int first,
      WallPoint warning,
      OptionalLong warningMillis,
      WallPoint point,
      OptionalLong callMillis,
      OptionalLong begins,
      Facing facing,
      List<Steps> steps,
      Then then) {
    public Call {
      steps = List.copyOf(steps);
    }
  }

  /** What can be called. */
  public sealed interface What {

    /** An exception; {@code changed} where a restart's last steps are others. */
    record Event(EventId event, boolean changed) implements What {}

    /** The next wall is another part than this one. */
    record Part(String name) implements What {}
  }

  /** Steps that are called in one breath, with their counts. */
  public record Steps(List<Count> counts, List<ulnaawl.dance.Call> calls) {
    public Steps {
      counts = List.copyOf(counts);
      calls = List.copyOf(calls);
    }
  }

  /** How it goes on after what was called. */
  public sealed interface Then {

    /** The dance is over. */
    record Finish(Facing facing) implements Then {}

    /** The wall goes on; {@code turned} where it now faces elsewhere. */
    record GoOn(int wall, Optional<Facing> turned) implements Then {}

    /** Another exception follows at once. */
    record StraightInto(EventId event) implements Then {}

    /** A wall from the top; {@code foot} begins. */
    record FromTheTop(int wall, Facing facing, Optional<Foot> foot) implements Then {}

    /** A wall that is a part of a phrased dance. */
    record OfPart(int wall, String part, Facing facing, Optional<Foot> foot) implements Then {}
  }

  /** The call sheet of a request's walls. */
  public static CallSheet of(Dance dance, SequenceRequest request) {
    WallSequence sequence = WallSequence.of(dance, request);
    SongClock clock = SongClock.of(dance, request);
    List<Line> lines = new ArrayList<>();
    for (Wall wall : sequence.walls()) {
      List<Call> calls = new ArrayList<>();
      for (WallEvent event : wall.events()) {
        if (!afterTheMusic(event.startCount(), clock)) {
          calls.add(call(dance, sequence, clock, wall, event));
        }
      }
      partCall(dance, sequence, clock, wall).ifPresent(calls::add);
      lines.add(new Line(wall, calls));
    }
    return new CallSheet(lines);
  }

  private static boolean afterTheMusic(int startCount, SongClock clock) {
    return clock.counts().isPresent() && startCount >= clock.counts().getAsInt();
  }

  /** Where the order of a phrased dance goes on with another part. */
  private static Optional<Call> partCall(
      Dance dance, WallSequence sequence, SongClock clock, Wall wall) {
    return sequence.walls().stream()
        .filter(next -> next.number() == wall.number() + 1)
        .filter(next -> !next.part().equals(wall.part()))
        .filter(next -> !afterTheMusic(next.startCount(), clock))
        .findFirst()
        .map(next -> {
          int callOn = next.startCount() + 1 - AHEAD;
          int warnOn = warnOn(next.startCount());
          return new Call(
              new What.Part(next.part()),
              false,
              next.startCount(),
              next.startCount(),
              WallPoint.at(dance, sequence, warnOn),
              clock.millisAfter(warnOn - 1),
              WallPoint.at(dance, sequence, callOn),
              clock.millisAfter(callOn - 1),
              clock.millisAfter(next.startCount()),
              next.startFacing(),
              List.of(),
              new Then.OfPart(
                  next.number(),
                  next.part(),
                  next.startFacing(),
                  firstFoot(dance, sequence, next.number())));
        });
  }

  private static int warnOn(int first) {
    return Math.max(1, first + 1 - WARNED);
  }

  private static Call call(
      Dance dance, WallSequence sequence, SongClock clock, Wall wall, WallEvent event) {
    List<Place> changed = dance.changedAt(event.span());
    // A changed step must be heard before it is danced, not before the restart.
    int first = changed.isEmpty() ? event.startCount() : firstCount(wall, event, changed) - 1;
    int callOn = first + 1 - AHEAD;
    int warnOn = warnOn(first);
    List<Steps> steps =
        changed.isEmpty()
            ? steps(wall, event)
            : written(changed, sectionStart(dance, wall, changed));
    return new Call(
        new What.Event(event.id(), !changed.isEmpty()),
        event.optional(),
        event.startCount(),
        first,
        WallPoint.at(dance, sequence, warnOn),
        clock.millisAfter(warnOn - 1),
        WallPoint.at(dance, sequence, callOn),
        clock.millisAfter(callOn - 1),
        clock.millisAfter(first),
        event.from(),
        steps,
        then(dance, sequence, wall, event));
  }

  /** The changed steps lie in the last counts before the restart. */
  private static int firstCount(Wall wall, WallEvent event, List<Place> changed) {
    int back = event.after() - changed.getFirst().at().number();
    return wall.startCount() + wall.counts() - back;
  }

  /** Counts of the wall before the section in which the changed steps begin. */
  private static int sectionStart(Dance dance, Wall wall, List<Place> changed) {
    int first = changed.getFirst().at().number();
    return dance
        .part(wall.part())
        .flatMap(part -> part.sectionAt(first))
        .map(Section::start)
        .orElse(0);
  }

  private static List<Steps> steps(Wall wall, WallEvent event) {
    if (event.kind() == WallEvent.Kind.RESTART || event.kind() == WallEvent.Kind.REPEAT) {
      return List.of();
    }
    return written(
        DancedPlace.of(wall).stream()
            .filter(moment -> moment.stretch().cause().equals(event.span()))
            .filter(moment -> moment.place().section() == 0)
            .filter(moment -> moment.stretch().event().equals(Optional.of(event.id())))
            .map(DancedPlace::place)
            .toList(),
        0);
  }

  /**
   * Places item by item, as an instructor reads them out.
   *
   * @param before counts before the section that they lie in
   */
  private static List<Steps> written(List<Place> places, int before) {
    Map<SourceSpan, List<Place>> items = new LinkedHashMap<>();
    places.forEach(
        place -> items.computeIfAbsent(place.span(), it -> new ArrayList<>()).add(place));
    return items.values().stream()
        .map(own ->
            new Steps(
                own.stream().map(it -> it.count().plusCounts(-before)).toList(),
                DancedFigure.of(own).stream().map(DancedFigure::call).toList()))
        .toList();
  }

  private static Then then(Dance dance, WallSequence sequence, Wall wall, WallEvent event) {
    int end = event.startCount() + event.counts();
    boolean goesOn = end < wall.startCount() + wall.counts();
    return switch (event.kind()) {
      case ENDING -> new Then.Finish(event.to());
      case BRIDGE, REPEAT ->
          goesOn
              ? new Then.GoOn(
                  wall.number(),
                  event.from().equals(event.to()) ? Optional.empty() : Optional.of(event.to()))
              : nextWall(dance, sequence, wall, event);
      case RESTART, TAG -> nextWall(dance, sequence, wall, event);
    };
  }

  private static Then nextWall(Dance dance, WallSequence sequence, Wall wall, WallEvent event) {
    Optional<WallEvent> next =
        wall.events().stream().dropWhile(other -> !other.equals(event)).skip(1).findFirst();
    int number = wall.number() + 1;
    return next.isPresent() && next.get().startCount() == event.startCount() + event.counts()
        ? new Then.StraightInto(next.get().id())
        : new Then.FromTheTop(number, event.to(), firstFoot(dance, sequence, number));
  }

  private static Optional<Foot> firstFoot(Dance dance, WallSequence sequence, int number) {
    return sequence.walls().stream()
        .filter(wall -> wall.number() == number)
        .flatMap(wall -> wall.stretches().stream())
        .flatMap(stretch -> stretch.places().stream())
        .findFirst()
        .or(() -> dance.main().places().stream().findFirst())
        .flatMap(Place::foot);
  }
}
