package ulnaawl.server.walls;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is sent of a dance with its music; facings are on the room clock, eighths right of 12. */
final class WallsView {

  private WallsView() {}

  /** A song to choose, and what is known of it. */
  record MusicView(
      String id,
      @Nullable Long listed,
      String title,
      @Nullable String artist,
      @Nullable String bpm,
      String rate,
      @Nullable String countsPerMinute,
      @Nullable Integer seconds,
      String phrases) {}

  /** A direction of the ring with the walls that start there. */
  record StopView(int facing, List<Integer> walls) {}

  /** The ring of walls. */
  record RingView(String rotation, List<StopView> stops, List<Integer> breaks) {}

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
      @Nullable Integer endFacing,
      int left,
      int idle) {}

  /** A count of the song as dancers know it; the section is 0 outside the sections. */
  record PointView(int wall, int count, int section, int sectionCount, String during) {}

  /** Something to call. */
  record CallView(
      String kind,
      boolean optional,
      String words,
      PointView point,
      @Nullable Long callMillis,
      @Nullable Long begins,
      int facing,
      List<String> steps,
      String then) {}

  /** A figure as it is danced on a wall; its count is that of the wall. */
  record DancedFigure(
      String counts,
      String call,
      int count,
      int startFacing,
      int endFacing,
      @Nullable String foot,
      boolean takesWeight,
      @Nullable Long millis) {}

  /**
   * A section as it is danced on a wall, or a tag, bridge, repeat or ending.
   *
   * @param section its number; 0 outside the sections
   * @param start counts of the wall before it
   */
  record DancedPart(
      String what,
      int section,
      boolean special,
      int start,
      int counts,
      int startFacing,
      int endFacing,
      List<DancedFigure> figures) {}

  /**
   * A wall.
   *
   * @param tagCounts counts of the tags after it
   * @param late counts since the song's phrase began in which it starts; nothing where the phrases
   *     are not known
   * @param held counts of it and its tags that the music holds
   */
  record WallLine(
      int number,
      String part,
      int startFacing,
      int endFacing,
      int startCount,
      int counts,
      int tagCounts,
      @Nullable Long startMillis,
      @Nullable Long endMillis,
      @Nullable Integer late,
      int held,
      List<SpecialView> specials,
      List<CallView> calls,
      List<DancedPart> parts) {}

  /** Something special on a wall; the count is that of the wall after which it begins. */
  record SpecialView(
      String kind, String label, int at, int counts, int from, int to, boolean optional) {}

  /** A dance with its music. */
  record Walls(
      long dance,
      int version,
      String title,
      String level,
      int counts,
      int sections,
      String startFoot,
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
      String why,
      String stepText) {}

  /** Endings, or why there are none. */
  record EndingsView(String said, List<EndingView> endings) {}

  /** A restart or tag of a plan. */
  record PlanLine(int wall, String words, String note) {}

  /** Restarts and tags that keep the walls on the phrases. */
  record PlanView(String name, List<PlanLine> lines, List<Integer> off, String stepText) {}

  /** Whether a restart is possible after a count; the facing is wall-relative. */
  record RestartCountView(
      int after,
      int section,
      int sectionCount,
      int facing,
      String weight,
      String verdict,
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
      int startFacing,
      PointView from,
      PointView to,
      @Nullable Long beginsMillis,
      int percent,
      String why,
      @Nullable CallView next) {}

  /** Where the floor can be. */
  record WhereView(@Nullable String dropped, List<CandidateView> candidates) {}

  /** The answer to something said about a facing. */
  record ClaimView(String truth, List<String> why) {}
}
