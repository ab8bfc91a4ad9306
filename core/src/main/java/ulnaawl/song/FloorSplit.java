package ulnaawl.song;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Footwork;
import ulnaawl.dance.Place;
import ulnaawl.figure.Level;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Feet;
import ulnaawl.floor.Spot;
import ulnaawl.music.Count;
import ulnaawl.music.ListedSong;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallSequence;

/**
 * Two dances on one floor to one song, for a room of mixed levels: whether neighbours keep apart.
 * Both are danced through count by count; a neighbour stands beside, or in the next line, at the
 * usual distance ({@link ulnaawl.wall.FloorUse.Hall}).
 *
 * @param walls the first dance's walls, compared one by one
 * @param arrangements how the two can stand, the roomiest first
 * @param sameFacing share of the counts on which both face the same way, in percent
 * @param verdict whether it can be done
 */
public record FloorSplit(
    List<WallPair> walls, List<Arrangement> arrangements, int sameFacing, Verdict verdict) {

  public FloorSplit {
    walls = List.copyOf(walls);
    arrangements = List.copyOf(arrangements);
  }

  /** Whether two dances go together on a floor. */
  public enum Verdict {
    /** Neighbours keep apart in at least one arrangement. */
    GOOD,
    /** They do where an empty line is left between the two. */
    TIGHT,
    /** An empty line is not enough. */
    COLLIDES
  }

  /**
   * The same stretch of music in both dances.
   *
   * @param wall number of the first dance's wall
   * @param facing where it starts
   * @param otherWall the wall that the second dance is in when it starts
   * @param otherFacing where the second dance faces then
   * @param nearestCentimetres how near neighbours come in the roomiest arrangement
   */
  public record WallPair(
      int wall, Facing facing, int otherWall, Facing otherFacing, int nearestCentimetres) {}

  /**
   * How the two stand.
   *
   * @param how where the second dance stands, seen from the first
   * @param extraCentimetres how much more room than usual is left between the two, so that
   *     neighbours keep apart
   * @param nearestCentimetres how near neighbours then come, middle of the body to middle of the
   *     body
   * @param wall the wall of the first dance on which that is; 0 where they start nearest
   * @param count the count of that wall
   */
  public record Arrangement(
      How how, int extraCentimetres, int nearestCentimetres, int wall, int count) {

    /** The least more room first, then the farthest apart. */
    static final Comparator<Arrangement> ROOMIEST_FIRST =
        Comparator.comparingInt(Arrangement::extraCentimetres)
            .thenComparingInt(it -> -it.nearestCentimetres());
  }

  /** Where the second dance stands in the hall, seen from the first. */
  public enum How {
    /** On the right-hand side of the hall. */
    RIGHT(110, 0),
    /** On the left-hand side. */
    LEFT(-110, 0),
    /** In the lines in front. */
    FRONT(0, 120),
    /** In the lines behind. */
    BACK(0, -120);

    private final int across;
    private final int ahead;

    How(int across, int ahead) {
      this.across = across;
      this.ahead = ahead;
    }
  }

  /** Those first that need the least more room, then those whose neighbours stay farthest apart. */
  public static final Comparator<FloorSplit> ROOMIEST_FIRST =
      Comparator.comparing(FloorSplit::best, Arrangement.ROOMIEST_FIRST);

  /**
   * Whether two dances are worth comparing: a floor is split because people are of different
   * levels. Common practice, no source.
   */
  public static boolean isWorthwhile(Level first, Level second) {
    return first != second;
  }

  /**
   * Whether two dances can share a floor to the song of the first: the second goes to it at its own
   * rate or faster, and neighbours keep apart, with an empty line between them if need be.
   *
   * @param level the level of the first dance
   * @param otherLevel the level of the second
   */
  public static boolean isPossible(
      Dance first, Level level, Dance second, Level otherLevel, ListedSong song) {
    boolean goes =
        MusicMatch.of(second, otherLevel, song)
            .filter(it -> it.use() != MusicMatch.Use.PRACTISE)
            .isPresent();
    return goes && of(first, level, second, song).verdict() != Verdict.COLLIDES;
  }

  /** The roomiest way to stand. */
  public Arrangement best() {
    return arrangements.getFirst();
  }

  // Middle of the body to middle of the body, in centimetres: nearer than arms allow; and the room
  // that a hall can spare between two dances, about an empty line. Rules of thumb, no source.
  private static final int CLOSE = 70;
  private static final int SPARE = 150;
  private static final int WIDEST = 480;
  private static final int WIDER = 30;
  private static final int STEP = 50;

  /** The longest song that is danced through, in counts. */
  private static final int MOST_COUNTS = 1200;

  /** Where both bodies are and face, count by count from the first step. */
  private record Track(List<Spot> bodies, List<Facing> facings, List<Integer> walls) {}

  /**
   * Compares two dances of the same meter, the song counted as it suits the first.
   *
   * @param level the level of the first dance, stated or measured
   * @param song the music; without bpm and length both are danced for as many counts as four walls
   *     of the longer one
   */
  public static FloorSplit of(Dance first, Level level, Dance second, ListedSong song) {
    ListedSong counted =
        MusicMatch.of(first, level, song).map(match -> song.counted(match.rate())).orElse(song);
    SequenceRequest request = SequenceRequest.of(counted, false);
    int counts =
        Math.min(
            MOST_COUNTS,
            SongClock.of(first, request)
                .counts()
                .orElse(4 * Math.max(first.main().counts(), second.main().counts())));
    WallSequence sequence = WallSequence.of(first, request);
    Track a = track(sequence, counts);
    Track b = track(WallSequence.of(second, request), counts);
    int both = Math.min(a.bodies().size(), b.bodies().size());
    List<Arrangement> arrangements = new ArrayList<>();
    for (How how : How.values()) {
      arrangements.add(arrangement(how, a, b, sequence, both));
    }
    arrangements.sort(Arrangement.ROOMIEST_FIRST);
    int same = 0;
    for (int i = 0; i < both; i++) {
      same += a.facings().get(i).equals(b.facings().get(i)) ? 1 : 0;
    }
    Arrangement best = arrangements.getFirst();
    Verdict verdict =
        best.extraCentimetres() == 0
            ? Verdict.GOOD
            : best.extraCentimetres() <= SPARE ? Verdict.TIGHT : Verdict.COLLIDES;
    return new FloorSplit(
        pairs(sequence, a, b, both, best),
        arrangements,
        both == 0 ? 0 : 100 * same / both,
        verdict);
  }

  private static Track track(WallSequence sequence, int counts) {
    List<Spot> bodies = new ArrayList<>();
    List<Facing> facings = new ArrayList<>();
    List<Integer> walls = new ArrayList<>();
    Feet feet = Feet.CLOSED;
    Facing facing = Facing.FRONT;
    Spot body = Spot.ORIGIN;
    for (Wall wall : sequence.walls()) {
      List<DancedPlace> moments = DancedPlace.of(wall);
      List<Place> places = moments.stream().map(DancedPlace::place).toList();
      List<Footwork.After> danced = Footwork.of(places, feet, facing);
      int next = 0;
      int end = wall.startCount() + wall.counts() + wall.tagCounts();
      for (int count = wall.startCount() + 1; count <= end && bodies.size() < counts; count++) {
        Count until = Count.of(count + 1);
        while (next < moments.size() && moments.get(next).at().compareTo(until) < 0) {
          feet = danced.get(next).feet();
          facing = danced.get(next).facing();
          body = danced.get(next).body();
          next++;
        }
        bodies.add(body);
        facings.add(facing);
        walls.add(wall.number());
      }
    }
    return new Track(bodies, facings, walls);
  }

  /** With as much more room as it takes, or the widest. */
  private static Arrangement arrangement(
      How how, Track a, Track b, WallSequence sequence, int both) {
    Arrangement tried = arrangement(how, 0, a, b, sequence, both);
    for (int extra = WIDER; extra <= WIDEST && tried.nearestCentimetres() < CLOSE; extra += WIDER) {
      tried = arrangement(how, extra, a, b, sequence, both);
    }
    return tried;
  }

  private static Arrangement arrangement(
      How how, int extra, Track a, Track b, WallSequence sequence, int both) {
    int nearest = distance(how, extra, Spot.ORIGIN, Spot.ORIGIN);
    int wall = 0;
    int count = 0;
    for (int i = 0; i < both; i++) {
      int distance = distance(how, extra, a.bodies().get(i), b.bodies().get(i));
      if (distance < nearest) {
        nearest = distance;
        wall = a.walls().get(i);
        count = i + 1 - sequence.walls().get(wall - 1).startCount();
      }
    }
    return new Arrangement(how, extra, nearest, wall, count);
  }

  private static int distance(How how, int extra, Spot a, Spot b) {
    double x = how.across + Integer.signum(how.across) * extra + (b.x() - a.x()) * STEP;
    double y = how.ahead + Integer.signum(how.ahead) * extra + (b.y() - a.y()) * STEP;
    return (int) Math.round(Math.hypot(x, y));
  }

  private static List<WallPair> pairs(
      WallSequence sequence, Track a, Track b, int both, Arrangement stand) {
    List<WallPair> pairs = new ArrayList<>();
    for (Wall wall : sequence.walls()) {
      int from = wall.startCount();
      int to = Math.min(both, from + wall.counts() + wall.tagCounts());
      int nearest = Integer.MAX_VALUE;
      for (int i = from; i < to; i++) {
        nearest =
            Math.min(
                nearest,
                distance(
                    stand.how(), stand.extraCentimetres(), a.bodies().get(i), b.bodies().get(i)));
      }
      if (from < to) {
        Facing otherFacing = from == 0 ? Facing.FRONT : b.facings().get(from - 1);
        pairs.add(
            new WallPair(
                wall.number(), wall.startFacing(), b.walls().get(from), otherFacing, nearest));
      }
    }
    return pairs;
  }
}
