package ulnaawl.server.dances;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is drawn of a dance; facings are in eighths of a turn right of 12. */
final class DanceView {

  private DanceView() {}

  /** A change on offer. */
  record MendView(String label, int start, int end, String replacement) {}

  /** Something to be said about the text. */
  record Remark(
      String severity,
      String code,
      int line,
      int column,
      int start,
      int end,
      String message,
      List<MendView> mends) {}

  /**
   * One place.
   *
   * @param tick place in time from the start of the section, twelve to a count, count 1 at 12
   * @param foot L, R or nothing
   * @param weight L, R or both, after it
   * @param takesWeight whether the moving foot takes the weight
   * @param turn as the trade writes it; may be empty
   * @param facing wall-relative, after it
   * @param run places with the same number are one figure
   * @param counts the counts of its whole figure, as they are written
   * @param start where its item begins in the text
   * @param end where its item ends in the text
   * @param feet where both feet are, in step lengths from the start of the passage
   */
  record PlaceView(
      String count,
      int tick,
      @Nullable String foot,
      String action,
      String weight,
      boolean takesWeight,
      String turn,
      int facing,
      String figure,
      int run,
      int step,
      String call,
      String counts,
      String note,
      int start,
      int end,
      FeetView feet) {}

  /** Both feet on the floor: x to the right, y to the front of the start. */
  record FeetView(double leftX, double leftY, double rightX, double rightY, boolean lifted) {}

  /** Another way of dancing some counts of a section. */
  record OptionView(
      String name, String kind, int section, int from, int to, List<PlaceView> places) {}

  /** How much trouble a section is, in plain counts. */
  record LoadView(int plainCounts, List<String> reasons) {}

  /** The floor that a dancer needs over all walls, in step lengths from the start. */
  record FloorView(
      double left, double right, double back, double front, double driftX, double driftY) {}

  /** A line of the phrasing in words. */
  record PhraseView(String words) {}

  /** A section; facings are wall-relative. */
  record SectionView(
      int number,
      String part,
      String title,
      int start,
      int counts,
      int startFacing,
      int endFacing,
      String startWeight,
      String endWeight,
      LoadView load,
      List<PlaceView> places) {}

  /** A tag, bridge or ending. */
  record ExtraView(String name, int counts, String turn, List<PlaceView> places) {}

  /** Something special on a wall; facings are on the room clock. */
  record EventView(String kind, String label, int after, int counts, int from, int to) {}

  /** A wall; facings are on the room clock. */
  record WallView(
      int number,
      String part,
      int startFacing,
      int endFacing,
      int startCount,
      int counts,
      @Nullable Long startMillis,
      List<EventView> events) {}

  /** Where the music stops; the facing is on the room clock. */
  record SongEndView(int wall, int count, int facing) {}

  /** A song of the sheet. */
  record SongView(
      String title, @Nullable String artist, @Nullable String bpm, @Nullable Integer seconds) {}

  /** A level with its reasons. */
  record LevelView(@Nullable String stated, String measured, int points, List<String> reasons) {}

  /** A figure that the dance has, with its explanation. */
  record FigureView(String name, String call, String level, String say) {}

  /**
   * Everything computed from a step text.
   *
   * @param sound whether it can be danced as written
   * @param turn of one wall; empty for none
   */
  record Reading(
      String title,
      @Nullable String by,
      LevelView level,
      int counts,
      int sectionCounts,
      int walls,
      String turn,
      String startWeight,
      String endWeight,
      int intro,
      boolean phrased,
      boolean sound,
      @Nullable String style,
      List<String> notes,
      List<SongView> songs,
      List<SectionView> sections,
      List<ExtraView> extras,
      List<OptionView> options,
      List<PhraseView> phrasing,
      FloorView floor,
      List<WallView> sequence,
      @Nullable SongEndView songEnd,
      List<FigureView> figures,
      List<Remark> remarks) {}
}
