package ulnaawl.server.dances;

import java.util.List;
import java.util.Optional;
import ulnaawl.dance.lineage.FeetPrint;
import ulnaawl.figure.Level;
import ulnaawl.floor.Turn;
import ulnaawl.music.Pace;
import ulnaawl.music.Tempo;
import ulnaawl.notation.Stated;
import ulnaawl.plan.DanceFacts;

/**
 * A dance as lists and planners see it: small enough that all dances of a club are at hand.
 *
 * @param row its newest version
 * @param facts what planners need of it
 * @param sound whether it can be danced as written
 * @param listing what a list says of it
 * @param feet what it is known by whatever its steps are called
 */
public record CatalogDance(
    DanceRow row, DanceFacts facts, boolean sound, Listing listing, FeetPrint feet) {

  /**
   * What a list says besides.
   *
   * @param turn of a wall, the shortest way
   * @param figures names of all figures, sorted
   */
  public record Listing(
      Optional<String> by,
      Optional<Level> stated,
      int walls,
      Turn turn,
      boolean phrased,
      Optional<String> song,
      Optional<Tempo> countsPerMinute,
      Optional<Pace> pace,
      Optional<String> style,
      List<String> figures) {
    public Listing {
      figures = List.copyOf(figures);
    }
  }

  static CatalogDance of(DanceRow row, ReadDance read) {
    var headers = read.dance().headers();
    Optional<Tempo> rate = read.dance().countsPerMinute();
    DanceFacts facts = DanceFacts.of(read.dance(), read.level().level());
    return new CatalogDance(
        row,
        facts,
        read.isSound(),
        new Listing(
            headers.by().map(Stated::value),
            headers.level().map(Stated::value),
            read.dance().walls(),
            read.dance().turn().shortest(),
            read.dance().isPhrased(),
            headers.songs().stream().findFirst().map(song -> song.value().title()),
            rate,
            rate.map(Pace::of),
            headers.style().map(Stated::value),
            facts.figures().stream().sorted().toList()),
        FeetPrint.of(read.dance()));
  }

  DanceState state() {
    return new DanceState(row.at(), row.archived());
  }

  public long id() {
    return row.id();
  }

  public boolean archived() {
    return row.archived();
  }

  /** Number of its sections, at least 1 so that progress can be told. */
  public int sections() {
    return Math.max(1, facts.sections().size());
  }
}
