package ulnaawl.wall;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.music.Count;
import ulnaawl.notation.StepTextFormatter;
import ulnaawl.text.SourceSpan;

/**
 * What to call in a song, and when: every wall in order with its exceptions. A call comes two
 * counts ahead, so that it is heard before it is danced (common practice).
 *
 * @param lines one for each wall
 */
public record CallSheet(List<Line> lines) {

  /** Counts that a call comes ahead of what it calls. */
  public static final int AHEAD = 2;

  private static final Pattern FOOT = Pattern.compile(" (?:right|left)\\b");

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
   * @param words what to call: {@code Restart}, {@code Tag Lull}
   * @param point the count to call on
   * @param callMillis clock time of the call, where the tempo is known
   * @param begins clock time at which it is danced, where the tempo is known
   * @param facing where it faces when it begins; for a restart, where the next wall starts
   * @param steps what is danced, with its counts; for a restart, its changed steps with those of
   *     their section
   * @param then how it goes on: where it faces then, and the foot that begins
   */
  public record Call(
      What what,
      boolean optional,
      int startCount,
      String words,
      WallPoint point,
      OptionalLong callMillis,
      OptionalLong begins,
      Facing facing,
      List<String> steps,
      String then) {
    public Call {
      steps = List.copyOf(steps);
    }
  }

  /** What can be called. */
  public enum What {
    RESTART,
    TAG,
    BRIDGE,
    REPEAT,
    ENDING,
    /** The next wall is another part than this one. */
    PART
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
          return new Call(
              What.PART,
              false,
              next.startCount(),
              "Part " + next.part(),
              WallPoint.at(dance, sequence, callOn),
              clock.millisAfter(callOn - 1),
              clock.millisAfter(next.startCount()),
              next.startFacing(),
              List.of(),
              "Wall "
                  + next.number()
                  + " is part "
                  + next.part()
                  + ", facing "
                  + next.startFacing().clock()
                  + firstFoot(dance, sequence, next.number()));
        });
  }

  private static Call call(
      Dance dance, WallSequence sequence, SongClock clock, Wall wall, WallEvent event) {
    List<Place> changed = changed(dance, event);
    // A changed step must be heard before it is danced, not before the restart.
    int first = changed.isEmpty() ? event.startCount() : firstCount(wall, event, changed) - 1;
    int callOn = first + 1 - AHEAD;
    List<String> steps =
        changed.isEmpty()
            ? steps(wall, event)
            : written(changed, sectionStart(dance, wall, changed));
    return new Call(
        What.valueOf(event.kind().name()),
        event.optional(),
        event.startCount(),
        words(event, changed),
        WallPoint.at(dance, sequence, callOn),
        clock.millisAfter(callOn - 1),
        clock.millisAfter(first),
        event.from(),
        steps,
        then(dance, sequence, wall, event));
  }

  private static List<Place> changed(Dance dance, WallEvent event) {
    return dance.changes().entrySet().stream()
        .filter(it -> event.kind() == WallEvent.Kind.RESTART)
        .filter(it -> it.getKey().span().equals(event.span()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(List.of());
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

  private static String words(WallEvent event, List<Place> changed) {
    return switch (event.kind()) {
      case RESTART -> changed.isEmpty() ? "Restart" : "Change and restart";
      case TAG -> "Tag " + event.name();
      case BRIDGE -> "Bridge " + event.name();
      case REPEAT -> "Section " + event.name() + " again";
      case ENDING -> "Ending " + event.name();
    };
  }

  private static List<String> steps(Wall wall, WallEvent event) {
    if (event.kind() == WallEvent.Kind.RESTART || event.kind() == WallEvent.Kind.REPEAT) {
      return List.of();
    }
    return written(
        Moment.of(wall).stream()
            .filter(moment -> moment.stretch().cause().equals(event.span()))
            .filter(moment -> moment.place().section() == 0)
            .filter(moment -> moment.stretch().what().endsWith(event.name()))
            .map(Moment::place)
            .toList(),
        0);
  }

  /**
   * Places as an instructor reads them out: {@code 1-4 sway right left right left}.
   *
   * @param before counts before the section that they lie in
   */
  private static List<String> written(List<Place> places, int before) {
    Map<SourceSpan, List<Place>> items = new LinkedHashMap<>();
    places.forEach(
        place -> items.computeIfAbsent(place.span(), it -> new ArrayList<>()).add(place));
    return items.values().stream()
        .map(own -> {
          List<Count> counts = own.stream().map(it -> it.count().plusCounts(-before)).toList();
          return StepTextFormatter.counts(counts) + " " + called(own);
        })
        .toList();
  }

  /** What is called for an item; {@code sway R L} and {@code jazz box R x2} are several figures. */
  private static String called(List<Place> item) {
    Map<Integer, String> figures = new LinkedHashMap<>();
    item.forEach(place -> figures.putIfAbsent(place.run(), place.call()));
    List<String> calls = List.copyOf(figures.values());
    String first = calls.getFirst();
    if (calls.size() == 1) {
      return first;
    }
    if (calls.stream().allMatch(first::equals)) {
      return first + " x" + calls.size();
    }
    List<String> bare = calls.stream().map(call -> FOOT.matcher(call).replaceFirst("")).toList();
    if (bare.stream().distinct().count() > 1) {
      return String.join(", ", calls);
    }
    String feet =
        calls.stream()
            .flatMap(call -> FOOT.matcher(call).results().limit(1))
            .map(found -> found.group().strip())
            .collect(Collectors.joining(" "));
    return FOOT.matcher(first).replaceFirst(" " + feet);
  }

  private static String then(Dance dance, WallSequence sequence, Wall wall, WallEvent event) {
    return switch (event.kind()) {
      case ENDING -> "Finish facing " + event.to().clock();
      case BRIDGE, REPEAT -> {
        String turned = event.from().equals(event.to()) ? "" : ", now facing " + event.to().clock();
        yield "Go on with wall " + wall.number() + turned;
      }
      case RESTART, TAG -> {
        Optional<WallEvent> next =
            wall.events().stream().dropWhile(other -> !other.equals(event)).skip(1).findFirst();
        yield next.isPresent() && next.get().startCount() == event.startCount() + event.counts()
            ? "Straight into the " + next.get().label()
            : "Wall "
                + (wall.number() + 1)
                + " from the top, facing "
                + event.to().clock()
                + firstFoot(dance, sequence, wall.number() + 1);
      }
    };
  }

  private static String firstFoot(Dance dance, WallSequence sequence, int number) {
    Optional<Foot> foot =
        sequence.walls().stream()
            .filter(wall -> wall.number() == number)
            .flatMap(wall -> wall.stretches().stream())
            .flatMap(stretch -> stretch.places().stream())
            .findFirst()
            .or(() -> dance.main().places().stream().findFirst())
            .flatMap(Place::foot);
    return foot.map(it -> ", " + it.letter() + " foot begins").orElse("");
  }
}
