package ulnaawl.server.music;

import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.figure.Level;
import ulnaawl.floor.Facing;
import ulnaawl.music.CountRate;
import ulnaawl.music.Tempo;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.song.FloorSplit;
import ulnaawl.song.MusicMatch;

/** What is sent of music for dances. */
final class MusicView {

  private MusicView() {}

  /** How a dance and a song go together. */
  record MatchView(
      MusicMatch.Use use,
      String useWords,
      CountRate countRate,
      Tempo countsPerMinute,
      @Nullable Integer percentOfOwn,
      int score,
      List<ReasonView> reasons) {}

  /** A song of the list for a dance. */
  record SongForDance(
      long song, String title, @Nullable String artist, boolean own, MatchView match) {}

  /** A dance of the club for a song; {@code own} where its sheet names the song. */
  record DanceForSong(long dance, String title, Level level, boolean own, MatchView match) {}

  /**
   * Two dances on one floor, in short; centimetres.
   *
   * @param extra how much more room than usual is left between the two
   * @param nearest how near neighbours come
   * @param same share of the counts on which both face the same way, in percent
   */
  record SplitCard(
      long dance,
      String title,
      Level level,
      FloorSplit.Verdict verdict,
      String verdictWords,
      int extra,
      int nearest,
      FloorSplit.How how,
      String howWords,
      int same) {}

  /** How the two can stand. */
  record StandingView(
      FloorSplit.How how, String howWords, int extra, int nearest, int wall, int count) {}

  /** The same stretch of music in both dances. */
  record SplitWall(int wall, Facing facing, int otherWall, Facing otherFacing, int nearest) {}

  /** Two dances on one floor, wall by wall; distances in centimetres. */
  record SplitView(
      String first,
      String second,
      FloorSplit.Verdict verdict,
      String verdictWords,
      int same,
      List<StandingView> standings,
      List<SplitWall> walls) {}
}
