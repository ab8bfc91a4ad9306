package ulnaawl.song;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.dance.Dance;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Place;
import ulnaawl.dance.edit.FigureText;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Side;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.SongEnd;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallSequence;

/**
 * Proposes endings for a dance and a song: within the counts that the music still holds, from the
 * foot that is free there, facing 12 on the last beat. Each is put into the dance and danced
 * through before it is offered.
 */
public final class EndingHelper {

  /** Counts before the last beat that may be changed. */
  private static final int REACH = 8;

  /** A turn in one figure larger than this is not put in: half a turn. */
  private static final int LARGEST = 4;

  private static final Pattern TURN =
      Pattern.compile(
          "(?<!\\s)\\s*\\b(?:\\d-\\d/\\d|[1357]/[248]|full|half|quarter)(?:\\s+(?:turn\\s+)?[RL])?\\b",
          Pattern.CASE_INSENSITIVE);

  private final DanceText text;
  private final Dance dance;
  private final SequenceRequest request;

  private EndingHelper(DanceText text, SequenceRequest request) {
    this.text = text;
    this.dance = text.dance();
    this.request = request;
  }

  /** The answer: endings with the best first, or the reason why there are none. */
  public record Proposal(Optional<SongEnd> songEnd, EndingReason said, List<Ending> endings) {
    public Proposal {
      endings = List.copyOf(endings);
    }
  }

  /**
   * Looks for endings.
   *
   * @param stepText of a dance without errors
   * @param most how many to offer at most
   */
  public static Proposal propose(
      String stepText, FigureBook book, SequenceRequest request, int most) {
    return new EndingHelper(new DanceText(stepText, book), request).propose(most);
  }

  private Proposal propose(int most) {
    WallSequence sequence = WallSequence.of(dance, request);
    if (sequence.songEnd().isEmpty()) {
      return refuse(
          sequence,
          hasEnding(sequence)
              ? new EndingReason.HasOne(true)
              : SongClock.of(dance, request).counts().isPresent()
                  ? new EndingReason.OrderEndsFirst()
                  : new EndingReason.LengthUnknown());
    }
    SongEnd end = sequence.songEnd().get();
    if (hasEnding(sequence)) {
      return refuse(sequence, new EndingReason.HasOne(false));
    }
    if (dance.isPhrased()) {
      return refuse(sequence, new EndingReason.OrderDecides());
    }
    List<Ending> found = new ArrayList<>();
    for (int counts = 1; counts <= REACH; counts++) {
      Optional<Cut> cut = cut(sequence, end, counts);
      if (cut.isPresent()) {
        found.addAll(finishes(cut.get(), counts));
        changedTurns(cut.get(), counts).forEach(found::add);
      }
    }
    found.sort(Comparator.comparingInt(Ending::cost).thenComparingInt(Ending::counts));
    EndingReason said =
        end.facing().equals(Facing.FRONT)
            ? new EndingReason.FacesFront()
            : new EndingReason.StopsFacing(end.facing(), end.wall(), end.count());
    return new Proposal(sequence.songEnd(), said, distinct(found).stream().limit(most).toList());
  }

  private static Proposal refuse(WallSequence sequence, EndingReason why) {
    return new Proposal(sequence.songEnd(), why, List.of());
  }

  private static boolean hasEnding(WallSequence sequence) {
    return sequence.walls().stream()
        .flatMap(wall -> wall.events().stream())
        .anyMatch(event -> event.kind() == WallEvent.Kind.ENDING);
  }

  private static List<Ending> distinct(List<Ending> all) {
    Map<List<String>, Ending> byLines = new LinkedHashMap<>();
    all.forEach(one -> byLines.putIfAbsent(one.lines(), one));
    return List.copyOf(byLines.values());
  }

  /**
   * Where the dance is left.
   *
   * @param after counts of the wall's part that are danced
   * @param cutFigure the figure that is cut in two
   */
  private record Cut(
      Wall wall,
      int after,
      Facing facing,
      Weight weight,
      Optional<String> cutFigure,
      List<Place> rest) {}

  /** So many counts before the last beat; empty inside a tag, bridge or repeated section. */
  private Optional<Cut> cut(WallSequence sequence, SongEnd end, int counts) {
    int at = sequence.walls().get(end.wall() - 1).startCount() + end.count() - counts;
    Optional<Wall> found =
        sequence.walls().stream()
            .filter(wall -> at > wall.startCount())
            .filter(wall -> at <= wall.startCount() + wall.counts())
            .findFirst();
    if (found.isEmpty()) {
      return Optional.empty();
    }
    Wall wall = found.get();
    int after = at - wall.startCount();
    boolean plain =
        wall.stretches().getFirst().counts() >= after
            && wall.stretches().getFirst().places().stream().allMatch(it -> it.section() > 0)
            && (wall.number() == end.wall() || wall.events().isEmpty());
    if (!plain) {
      return Optional.empty();
    }
    List<DancedPlace> moments =
        DancedPlace.of(wall).stream()
            .filter(it -> it.stretch().equals(wall.stretches().getFirst()))
            .toList();
    List<DancedPlace> danced = moments.stream().filter(it -> it.wallCount() <= after).toList();
    List<Place> rest =
        moments.stream()
            .filter(it -> it.wallCount() > after && it.wallCount() <= after + counts)
            .map(DancedPlace::place)
            .toList();
    if (danced.isEmpty()) {
      return Optional.empty();
    }
    Place last = danced.getLast().place();
    boolean cutsFigure =
        moments.stream().anyMatch(it -> it.wallCount() > after && it.place().run() == last.run());
    return Optional.of(
        new Cut(
            wall,
            after,
            danced.getLast().facing(),
            last.after(),
            cutsFigure ? Optional.of(last.call().words()) : Optional.empty(),
            rest));
  }

  private List<Ending> finishes(Cut cut, int counts) {
    Foot free = cut.weight().freeFoot().orElse(Foot.RIGHT);
    List<Ending> found = new ArrayList<>();
    for (EndingBook.Way way : EndingBook.ways()) {
      if (way.counts() == counts && cut.facing().plus(way.turn(free)).equals(Facing.FRONT)) {
        int size = Math.abs(way.eighths());
        int awkward = size > LARGEST || size % 2 == 1 ? 3 : size == LARGEST && counts == 1 ? 2 : 0;
        dancedThrough(
                cut,
                counts,
                way.name(),
                way.lines(free),
                awkward,
                new EndingReason.Turns(way.turn(free), cut.cutFigure()))
            .ifPresent(found::add);
      }
    }
    return found;
  }

  /** The dance's own steps up to the last beat, one of their turns changed. */
  private List<Ending> changedTurns(Cut cut, int counts) {
    List<DancedFigure> figures = DancedFigure.of(cut.rest());
    boolean filled =
        cut.rest().stream().mapToInt(it -> it.at().number()).max().orElse(0)
            == cut.after() + counts;
    if (cut.cutFigure().isPresent() || !filled || isCutBehind(cut, counts)) {
      return List.of();
    }
    Turn danced = cut.rest().stream().map(Place::turn).reduce(Turn.NONE, Turn::plus);
    Turn missing = cut.facing().plus(danced).turnTo(Facing.FRONT);
    if (missing.isNone()) {
      return List.of();
    }
    // A longer stretch of unchanged steps is the same ending, found with fewer counts.
    Turn own = figures.getFirst().turn();
    if (own.isNone()) {
      return List.of();
    }
    List<Ending> found = new ArrayList<>();
    for (Side side : Side.values()) {
      wantedTurn(own.plus(missing), side)
          .flatMap(wanted -> changed(cut, counts, figures, wanted))
          .ifPresent(found::add);
    }
    return found;
  }

  private boolean isCutBehind(Cut cut, int counts) {
    return !cut.rest().isEmpty()
        && dance.main().places().stream()
            .anyMatch(place ->
                place.run() == cut.rest().getLast().run()
                    && place.at().number() > cut.after() + counts);
  }

  /** The same end by the shortest way to one side, where that is no more than half a turn. */
  private static Optional<Turn> wantedTurn(Turn whole, Side side) {
    int net = whole.net();
    int eighths = side == Side.RIGHT ? net : Math.floorMod(-net, 8);
    return eighths > LARGEST ? Optional.empty() : Optional.of(Turn.of(eighths, side));
  }

  /** The first figure with another turn, the others as they are. */
  private Optional<Ending> changed(Cut cut, int counts, List<DancedFigure> figures, Turn wanted) {
    List<String> lines = new ArrayList<>();
    DancedFigure first = figures.getFirst();
    for (DancedFigure figure : figures) {
      List<Count> at =
          figure.places().stream().map(place -> place.at().plusCounts(-cut.after())).toList();
      String item = FigureText.of(text.text(), figure.places());
      lines.add(StepTextFormatter.line(at, figure.equals(first) ? withTurn(item, wanted) : item));
    }
    int odd = wanted.eighths() % 2 == 0 ? 0 : 3;
    EndingReason why =
        new EndingReason.TurnsOtherwise(first.name(), wanted, first.turn(), cut.cutFigure());
    return dancedThrough(cut, counts, first.name(), lines, odd, why);
  }

  private static String withTurn(String item, Turn wanted) {
    Matcher matcher = TURN.matcher(item);
    String turn = wanted.isNone() ? "" : wanted.label();
    String changed =
        matcher.find()
            ? item.substring(0, matcher.start()) + " " + turn + item.substring(matcher.end())
            : item + " " + turn;
    return changed.strip().replaceAll("\\s+", " ");
  }

  private Optional<Ending> dancedThrough(
      Cut cut, int counts, String name, List<String> lines, int awkward, EndingReason why) {
    String title = text.freeName("Finish");
    String block = "ending " + title + "\n" + String.join("\n", lines);
    String phrase = "wall " + cut.wall().number() + ": ending after " + cut.after() + ": " + title;
    Optional<DanceText> tried = text.with(List.of(block), List.of(phrase));
    if (tried.isEmpty() || !facesFront(tried.get(), cut, counts)) {
      return Optional.empty();
    }
    int cost = counts + awkward + (cut.cutFigure().isEmpty() ? 0 : 4);
    return Optional.of(
        new Ending(
            name, cut.wall().number(), cut.after(), counts, lines, why, cost, tried.get().text()));
  }

  private boolean facesFront(DanceText tried, Cut cut, int counts) {
    WallSequence sequence = WallSequence.of(tried.dance(), request.withWalls(cut.wall().number()));
    Wall last = sequence.walls().getLast();
    return last.endFacing().equals(Facing.FRONT)
        && last.counts() == cut.after() + counts
        && DanceText.joins(sequence);
  }
}
