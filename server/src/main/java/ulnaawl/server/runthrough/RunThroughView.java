package ulnaawl.server.runthrough;

import java.util.List;
import org.jspecify.annotations.Nullable;
import ulnaawl.floor.Facing;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;
import ulnaawl.music.Tempo;
import ulnaawl.play.Said;
import ulnaawl.play.band.Instrument;
import ulnaawl.server.wire.PlaceView.FeetView;
import ulnaawl.server.wire.ScopeView;
import ulnaawl.wall.WallEvent;

/**
 * What is played and shown in a run-through; ticks are twelve to a count, from the first count.
 *
 * @param scope what is danced
 * @param label the same in words
 * @param whole whether it is the whole dance: only then has a class danced it
 * @param fullRate counts a minute at full speed
 * @param rateKnown whether the song says so; else it is the usual one
 * @param beats counts in a bar
 * @param sectionCounts counts in a section
 * @param countIn counts that are counted in
 * @param wallStarts counts of the song that are danced before each wall, wall 1 first
 * @param hits click and band
 * @param scopes all that can be danced of it
 */
public record RunThroughView(
    long dance,
    String title,
    ScopeView scope,
    String label,
    boolean whole,
    Tempo fullRate,
    boolean rateKnown,
    int beats,
    int sectionCounts,
    int countIn,
    LadderView ladder,
    TrackView track,
    List<HitView> hits,
    @Nullable RunSongView song,
    List<Integer> wallStarts,
    List<ScopeChoice> scopes) {

  /** Something that can be danced by itself, in words. */
  public record ScopeChoice(ScopeView scope, String label) {}

  /**
   * The speeds, and the rule that leads from one to another.
   *
   * @param forKnown whether it starts higher because the group knows the dance
   * @param slowest the slowest that makes sense, in percent
   * @param fastest the fastest that makes sense, in percent
   * @param stands where a class can stand; a rung is begun at the stand with its number
   * @param hold passes of a rung without a clean one after which it is enough
   */
  public record LadderView(
      boolean forKnown,
      int slowest,
      int fastest,
      List<RungView> rungs,
      List<StandView> stands,
      int hold) {}

  /**
   * A speed, and what is said at it.
   *
   * @param enough what to do once it has not been clean too often
   */
  public record RungView(int percent, Tempo countsPerMinute, String enough, List<SaidView> said) {}

  /** Where a class stands on the ladder: its rung, and the stands after each answer, from 0. */
  public record StandView(int rung, int clean, int shaky, int lost, boolean top) {}

  /**
   * Something that is said.
   *
   * @param endTick when it has ended
   * @param keys the clips of the voice, one after the other
   */
  public record SaidView(int tick, int endTick, Said.Kind kind, String text, List<String> keys) {}

  /**
   * What is danced.
   *
   * @param songStart counts of the song that are danced before it
   * @param marks exceptions that come in it
   */
  public record TrackView(
      int songStart,
      int counts,
      Facing startFacing,
      FeetView startFeet,
      Weight startWeight,
      List<LegView> legs,
      List<StepView> steps,
      List<MarkView> marks) {}

  /**
   * A section, or something that is put in.
   *
   * @param firstCount the number of its first count within its section
   * @param section its number; 0 in what is put in
   * @param event what is put in
   */
  public record LegView(
      int tick,
      int counts,
      int firstCount,
      int wall,
      String part,
      int section,
      String label,
      WallEvent.@Nullable Kind event,
      Facing startFacing) {}

  /**
   * A place.
   *
   * @param leg which leg it belongs to, from 0
   * @param count as it is written
   * @param facing after it, on the clock of the room
   * @param run places of a leg with the same number are one figure
   * @param call what is called for the figure
   */
  public record StepView(
      int tick,
      int leg,
      String count,
      @Nullable Foot foot,
      Weight weight,
      boolean takesWeight,
      Facing facing,
      int run,
      String call,
      FeetView feet) {}

  /** An exception that comes: when it is danced, what it is, and its steps. */
  public record MarkView(int tick, String label, String steps, Facing facing) {}

  /** A sound of click or band: strength in percent, semitones above its own tone. */
  public record HitView(int tick, Instrument instrument, int strength, int semitones) {}

  /**
   * The song.
   *
   * @param intro counts of music before the first step
   * @param counts counts that it holds after the intro, where its tempo and length are known
   */
  public record RunSongView(
      String title,
      @Nullable String artist,
      @Nullable Tempo countsPerMinute,
      @Nullable Integer seconds,
      int intro,
      @Nullable Integer counts) {}
}
