package ulnaawl.server.dances;

import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.figure.Level;
import ulnaawl.floor.Facing;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Block.OptionKind;
import ulnaawl.server.wire.PlaceView;
import ulnaawl.server.wire.ReasonView;
import ulnaawl.server.wire.SongView;
import ulnaawl.server.wire.WallView;
import ulnaawl.text.Code;
import ulnaawl.text.Severity;

/** What is sent of a dance that was read. */
public final class DanceView {

  private DanceView() {}

  /** A change on offer. */
  record MendView(String label, int start, int end, String replacement) {}

  /** Something to be said about the text. */
  record Remark(
      Severity severity,
      Code code,
      int line,
      int column,
      int start,
      int end,
      String message,
      List<MendView> mends) {}

  /** Another way of dancing some counts of a section. */
  record OptionView(
      String name, OptionKind kind, int section, int from, int to, List<PlaceView> places) {}

  /** How much trouble a section is, in plain counts. */
  record LoadView(int plainCounts, List<ReasonView> reasons) {}

  /** The floor that a dancer needs over all walls, in step lengths from the start. */
  record FloorView(
      double left, double right, double back, double front, double driftX, double driftY) {}

  /** A line of the phrasing in words. */
  record PhraseView(String words) {}

  /** A section. */
  record SectionView(
      int number,
      String part,
      String title,
      int start,
      int counts,
      RelativeFacing startFacing,
      RelativeFacing endFacing,
      Weight startWeight,
      Weight endWeight,
      LoadView load,
      List<PlaceView> places) {}

  /** A tag, bridge or ending. */
  record ExtraView(String name, int counts, Turn turn, List<PlaceView> places) {}

  /** Where the music stops. */
  record SongEndView(int wall, int count, Facing facing) {}

  /** A level with its reasons. */
  record LevelView(@Nullable Level stated, Level measured, int points, List<ReasonView> reasons) {}

  /** A figure that the dance has, with its explanation. */
  record FigureView(String name, String call, Level level, String say) {}

  /**
   * Everything computed from a step text.
   *
   * @param sound whether it can be danced as written
   * @param turn of one wall, the shortest way
   */
  public record Reading(
      String title,
      @Nullable String by,
      LevelView level,
      int counts,
      int sectionCounts,
      int walls,
      Turn turn,
      Weight startWeight,
      Weight endWeight,
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
