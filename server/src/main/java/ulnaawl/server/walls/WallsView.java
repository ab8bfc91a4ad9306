package ulnaawl.server.walls;

import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.figure.Level;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.server.wire.SongView;
import ulnaawl.server.wire.WallView;
import ulnaawl.song.RestartCount;
import ulnaawl.wall.EventId;
import ulnaawl.wall.WallRing;
import ulnaawl.wall.where.FacingClaim;

/** What is sent of a dance with its music. */
public final class WallsView {

  private WallsView() {}

  /** A song to choose, and what is known of it; {@code listed} where the club has it. */
  record MusicView(String id, @Nullable Long listed, SongView song, String phrases) {}

  /** A direction of the ring with the walls that start there. */
  record StopView(Facing facing, List<Integer> walls) {}

  /** The ring of walls. */
  record RingView(
      WallRing.Rotation rotation, String words, List<StopView> stops, List<Integer> breaks) {}

  /**
   * How the dance fits the song.
   *
   * @param left counts of the last wall that the music does not hold any more
   * @param idle counts of music after the dance is over
   */
  record FitView(
      int wholeWalls,
      @Nullable Long wallMillis,
      int introCounts,
      @Nullable Long introMillis,
      @Nullable Integer songCounts,
      @Nullable Integer endWall,
      @Nullable Integer endCount,
      @Nullable Facing endFacing,
      int left,
      int idle) {}

  /** A count of the song as dancers know it; the section is 0 outside the sections. */
  record PointView(int wall, int count, int section, int sectionCount, String during) {}

  /**
   * Something to call.
   *
   * @param event the exception; nothing where another part begins
   * @param facing where it begins; for a restart, where the next wall starts
   */
  record CallView(
      @Nullable EventId event,
      boolean optional,
      String words,
      String shout,
      PointView warning,
      @Nullable Long warningMillis,
      PointView point,
      @Nullable Long callMillis,
      @Nullable Long begins,
      Facing facing,
      List<String> steps,
      ReasonView then) {}

  /** A figure as it is danced on a wall; its count is that of the wall. */
  record FigureOnWall(
      String counts,
      String call,
      int count,
      Facing startFacing,
      Facing endFacing,
      @Nullable Foot foot,
      boolean takesWeight,
      @Nullable Long millis) {}

  /**
   * A section as it is danced on a wall, or a tag, bridge, repeat or ending.
   *
   * @param event the exception that put it in
   * @param section its number; 0 outside the sections
   * @param start counts of the wall before it
   */
  record DancedPart(
      String what,
      @Nullable EventId event,
      int section,
      int start,
      int counts,
      Facing startFacing,
      Facing endFacing,
      List<FigureOnWall> figures) {}

  /**
   * A wall with its music.
   *
   * @param late counts since the song's phrase began in which it starts; nothing where the phrases
   *     are not known
   * @param held counts of it and its tags that the music holds
   */
  record WallLine(
      WallView wall,
      @Nullable Long endMillis,
      @Nullable Integer late,
      int held,
      List<CallView> calls,
      List<DancedPart> parts) {}

  /**
   * A dance with its music.
   *
   * @param sectionCounts counts of a section: 8, or 6 in waltz time
   */
  public record Walls(
      long dance,
      int version,
      String title,
      Level level,
      int counts,
      int sections,
      int sectionCounts,
      @Nullable Foot startFoot,
      boolean phrased,
      boolean hasOptional,
      boolean optional,
      List<MusicView> sheetSongs,
      @Nullable MusicView music,
      FitView fit,
      RingView ring,
      List<WallLine> walls,
      List<String> figures) {}

  /** A finish on offer. */
  record EndingView(
      String name,
      int wall,
      int after,
      int counts,
      List<String> lines,
      ReasonView why,
      String stepText) {}

  /** Endings, or why there are none. */
  record EndingsView(ReasonView said, List<EndingView> endings) {}

  /** A restart or tag of a plan. */
  record PlanLine(int wall, EventId event, String words, String note) {}

  /** Restarts and tags that keep the walls on the phrases. */
  record PlanView(String name, List<PlanLine> lines, List<Integer> off, String stepText) {}

  /** Whether a restart is possible after a count. */
  record RestartCountView(
      int after,
      int section,
      int sectionCount,
      RelativeFacing facing,
      Weight weight,
      RestartCount.Verdict verdict,
      String change,
      String cutFigure) {}

  /**
   * What keeps the walls on the phrases; {@code off} are walls that start inside one as written.
   */
  record RestartsView(
      String phrases,
      List<Integer> phraseCounts,
      List<Integer> off,
      List<PlanView> plans,
      List<RestartCountView> counts) {}

  /** A wall that it can be just now. */
  record CandidateView(
      int wall,
      Facing startFacing,
      PointView from,
      PointView to,
      @Nullable Long beginsMillis,
      int percent,
      String why,
      @Nullable CallView next) {}

  /** Where the floor can be. */
  record WhereView(@Nullable String dropped, List<CandidateView> candidates) {}

  /** The answer to something said about a facing. */
  record ClaimView(FacingClaim.Truth truth, List<ReasonView> why) {}
}
