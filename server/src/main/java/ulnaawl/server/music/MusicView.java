package ulnaawl.server.music;

import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.song.FloorSplit;
import ulnaawl.song.MusicMatch;

/** What is sent of music for dances. */
final class MusicView {

  private MusicView() {}

  /** How a dance and a song go together. */
  record MatchView(
      String use,
      String useWords,
      String rate,
      String countsPerMinute,
      @Nullable Integer percentOfOwn,
      int score,
      List<String> reasons) {

    static MatchView of(MusicMatch match) {
      return new MatchView(
          match.use().name(),
          match.use().words(),
          match.rate().label(),
          match.countsPerMinute().label(),
          match.percentOfOwn().isPresent()
              ? Integer.valueOf(match.percentOfOwn().getAsInt())
              : null,
          match.score(),
          match.reasons());
    }
  }

  /** A song of the list for a dance. */
  record SongForDance(
      long song, String title, @Nullable String artist, boolean own, MatchView match) {}

  /** A dance of the club for a song; {@code own} where its sheet names the song. */
  record DanceForSong(long dance, String title, String level, boolean own, MatchView match) {}

  /** Two dances on one floor, in short. */
  record SplitCard(
      long dance,
      String title,
      String level,
      String verdict,
      int extra,
      int nearest,
      String how,
      int same) {}

  /** How the two can stand. */
  record StandingView(String how, int extra, int nearest, int wall, int count) {}

  /** The same stretch of music in both dances; facings on the room clock. */
  record SplitWall(int wall, int facing, int otherWall, int otherFacing, int nearest) {}

  /** Two dances on one floor, wall by wall; distances in centimetres. */
  record SplitView(
      String first,
      String second,
      String verdict,
      int same,
      List<StandingView> standings,
      List<SplitWall> walls) {

    static SplitView of(String first, String second, FloorSplit split) {
      return new SplitView(
          first,
          second,
          split.verdict().words(),
          split.sameFacing(),
          split.arrangements().stream()
              .map(it ->
                  new StandingView(
                      it.how().words(),
                      it.extraCentimetres(),
                      it.nearestCentimetres(),
                      it.wall(),
                      it.count()))
              .toList(),
          split.walls().stream()
              .map(it ->
                  new SplitWall(
                      it.wall(),
                      it.facing().eighths(),
                      it.otherWall(),
                      it.otherFacing().eighths(),
                      it.nearestCentimetres()))
              .toList());
    }
  }
}
