package ulnaawl.wall.where;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.function.Predicate;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.wall.DancedPlace;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallPoint;
import ulnaawl.wall.WallSequence;

/**
 * For somebody who comes in late: the walls that it can be, from what one sees and hears.
 *
 * @param candidates the most likely first
 * @param dropped what had to be left out of account because nothing fits it all; empty otherwise
 */
public record WhereAreWe(List<Candidate> candidates, Optional<Clue> dropped) {

  /**
   * How far a guess of "about two minutes in" is off, as a standard deviation in milliseconds: a
   * rule of thumb, no source.
   */
  static final long GUESS_MILLIS = 8_000;

  public WhereAreWe {
    candidates = List.copyOf(candidates);
  }

  /** Something that was said and had to be left out of account. */
  public enum Clue {
    COUNT,
    SECTION_AND_COUNT,
    FACING,
    FIGURE
  }

  /**
   * What one sees; whatever is empty is not known.
   *
   * @param facing where the dancers face just now, on the room clock
   * @param section the section that is being danced
   * @param count the count within its section
   * @param figure name of the figure that is being danced
   * @param songMillis roughly how long the music has run, in milliseconds
   */
  public record Seen(
      Optional<Facing> facing,
      OptionalInt section,
      OptionalInt count,
      Optional<String> figure,
      OptionalLong songMillis) {}

  /**
   * A wall that it can be.
   *
   * @param wall the wall
   * @param from the first count of it that fits, as the dancers know it
   * @param to the last count that fits, the same or later
   * @param beginsMillis when that first count comes in the song, where the tempo is known
   * @param percent how likely it is among all that fit, 0 to 100
   * @param secondsOff how far the guessed time is from it, in whole seconds; empty where no time
   *     was guessed or none is known
   */
  public record Candidate(
      Wall wall,
      WallPoint from,
      WallPoint to,
      OptionalLong beginsMillis,
      int percent,
      OptionalInt secondsOff) {}

  /** A count of the song with everything that can be seen on it. */
  private record Sight(
      Wall wall, int number, WallPoint point, List<DancedPlace> moments, Facing before) {

    boolean faces(Facing facing) {
      return moments.isEmpty()
          ? before.equals(facing)
          : (before.equals(facing) && !turnsAtOnce())
              || moments.stream().anyMatch(moment -> moment.facing().equals(facing));
    }

    private boolean turnsAtOnce() {
      return moments.getFirst().at().isWhole() && moments.getFirst().place().turnsFirst();
    }

    boolean dances(String figure) {
      return moments.stream().anyMatch(moment -> moment.place().figure().equals(figure));
    }
  }

  /** Looks through all walls of a song. */
  public static WhereAreWe of(Dance dance, SequenceRequest request, Seen seen) {
    WallSequence sequence = WallSequence.of(dance, request);
    List<Sight> all = sights(dance, sequence);
    List<Sight> fitting = all.stream().filter(fits(seen)).toList();
    Optional<Clue> dropped = Optional.empty();
    if (fitting.isEmpty()) {
      for (Relaxed relaxed : Relaxed.of(seen)) {
        fitting = all.stream().filter(fits(relaxed.seen())).toList();
        if (!fitting.isEmpty()) {
          dropped = Optional.of(relaxed.what());
          break;
        }
      }
    }
    SongClock clock = SongClock.of(dance, request);
    return new WhereAreWe(ranked(fitting, seen, clock), dropped);
  }

  /** What is asked with one thing left out, the least certain first. */
  private record Relaxed(Clue what, Seen seen) {
    static List<Relaxed> of(Seen seen) {
      OptionalInt none = OptionalInt.empty();
      return List.of(
          new Relaxed(
              Clue.COUNT,
              new Seen(seen.facing(), seen.section(), none, seen.figure(), seen.songMillis())),
          new Relaxed(
              Clue.SECTION_AND_COUNT,
              new Seen(seen.facing(), none, none, seen.figure(), seen.songMillis())),
          new Relaxed(
              Clue.FACING,
              new Seen(
                  Optional.empty(),
                  seen.section(),
                  seen.count(),
                  seen.figure(),
                  seen.songMillis())),
          new Relaxed(
              Clue.FIGURE,
              new Seen(
                  seen.facing(),
                  seen.section(),
                  seen.count(),
                  Optional.empty(),
                  seen.songMillis())));
    }
  }

  private static Predicate<Sight> fits(Seen seen) {
    return sight ->
        seen.facing().map(sight::faces).orElse(true)
            && (seen.section().isEmpty() || sight.point().section() == seen.section().getAsInt())
            && (seen.count().isEmpty() || sight.point().sectionCount() == seen.count().getAsInt())
            && seen.figure().map(sight::dances).orElse(true);
  }

  private static List<Sight> sights(Dance dance, WallSequence sequence) {
    List<Sight> sights = new ArrayList<>();
    for (Wall wall : sequence.walls()) {
      List<DancedPlace> moments = DancedPlace.of(wall);
      Facing before = wall.startFacing();
      for (int i = 1; i <= wall.counts() + wall.tagCounts(); i++) {
        int number = wall.startCount() + i;
        if (sequence.songEnd().filter(end -> end.wall() == wall.number()).isPresent()
            && i > sequence.songEnd().orElseThrow().count()) {
          break;
        }
        List<DancedPlace> own =
            moments.stream().filter(moment -> moment.at().number() == number).toList();
        sights.add(new Sight(wall, number, WallPoint.at(dance, sequence, number), own, before));
        before = own.isEmpty() ? before : own.getLast().facing();
      }
    }
    return sights;
  }

  private static List<Candidate> ranked(List<Sight> fitting, Seen seen, SongClock clock) {
    List<Integer> walls = fitting.stream().map(sight -> sight.wall().number()).distinct().toList();
    double all = 0;
    List<Double> weights = new ArrayList<>();
    for (int wall : walls) {
      double weight =
          Math.exp(
              -0.5 * Math.pow(off(own(fitting, wall), seen, clock) / (double) GUESS_MILLIS, 2));
      weights.add(weight);
      all += weight;
    }
    List<Candidate> candidates = new ArrayList<>();
    for (int i = 0; i < walls.size(); i++) {
      List<Sight> own = own(fitting, walls.get(i));
      Sight first = nearest(own, seen, clock);
      Sight last = run(own, first);
      int percent = all == 0 ? 0 : (int) Math.round(100 * weights.get(i) / all);
      OptionalLong begins = clock.millisAfter(first.number() - 1);
      candidates.add(
          new Candidate(
              first.wall(),
              first.point(),
              last.point(),
              begins,
              percent,
              secondsOff(seen, begins, off(own, seen, clock))));
    }
    candidates.sort(
        Comparator.comparingInt((Candidate it) -> -it.percent())
            .thenComparingLong(it -> off(own(fitting, it.wall().number()), seen, clock))
            .thenComparingInt(it -> it.wall().number()));
    return candidates;
  }

  private static List<Sight> own(List<Sight> fitting, int wall) {
    return fitting.stream().filter(sight -> sight.wall().number() == wall).toList();
  }

  /** How far the guessed time is from the nearest fitting count; 0 where no time is known. */
  private static long off(List<Sight> own, Seen seen, SongClock clock) {
    return own.stream().mapToLong(sight -> off(sight, seen, clock)).min().orElse(0);
  }

  private static long off(Sight sight, Seen seen, SongClock clock) {
    OptionalLong begins = clock.millisAfter(sight.number() - 1);
    if (seen.songMillis().isEmpty() || begins.isEmpty()) {
      return 0;
    }
    long ends = clock.millisAfter(sight.number()).orElseThrow();
    long now = seen.songMillis().getAsLong();
    return now < begins.getAsLong() ? begins.getAsLong() - now : Math.max(0, now - ends);
  }

  private static Sight nearest(List<Sight> own, Seen seen, SongClock clock) {
    return own.stream()
        .min(Comparator.comparingLong(sight -> off(sight, seen, clock)))
        .orElseThrow();
  }

  /** The last of the counts in a row that fit from {@code first} on. */
  private static Sight run(List<Sight> own, Sight first) {
    Sight last = first;
    for (Sight sight : own) {
      if (sight.number() == last.number() + 1) {
        last = sight;
      }
    }
    return last;
  }

  private static OptionalInt secondsOff(Seen seen, OptionalLong begins, long off) {
    return seen.songMillis().isEmpty() || begins.isEmpty()
        ? OptionalInt.empty()
        : OptionalInt.of((int) Math.round(off / 1000.0));
  }
}
