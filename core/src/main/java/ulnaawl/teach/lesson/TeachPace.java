package ulnaawl.teach.lesson;

import java.util.List;
import ulnaawl.music.Meter;
import ulnaawl.music.Tempo;

/**
 * How long the pieces of a teach take. Common practice, no source; the sums are held against the
 * measured paces in the tests.
 *
 * @param wordsMillisPerCount a walk-through in words, milliseconds for one count
 * @param sectionTalk seconds to set a section up: start weight, facing, what comes
 * @param figureTalk seconds to break down one figure that is new to the group
 * @param drillTalk seconds to start any other drill
 * @param fetch seconds to fetch the class back to where a drill begins
 * @param again seconds to go back there between two repetitions
 * @param turn seconds more where the class has to turn round for it
 * @param songSetUp seconds to start the music
 * @param classPercent 100 for the teach alone; a live class with questions takes half as long
 *     again, its music does not
 */
public record TeachPace(
    int wordsMillisPerCount,
    int sectionTalk,
    int figureTalk,
    int drillTalk,
    int fetch,
    int again,
    int turn,
    int songSetUp,
    int classPercent) {

  /** The teach alone, without questions. */
  public static final TeachPace PLAIN = new TeachPace(1500, 5, 5, 3, 2, 1, 1, 6, 100);

  /** A live class with questions: half as long again. */
  public static final TeachPace LIVE = PLAIN.stretched(150);

  /** Counts that are counted in: "5 6 7 8"; a bar of three in waltz time. Common practice. */
  public static int countIn(Meter meter) {
    return meter.sectionCounts() / 2;
  }

  /** The count rate that is assumed where the song's is not known: 110 counts a minute. */
  public static final Tempo USUAL_RATE = Tempo.ofBpm(110);

  /** Past teaches that the usual pace weighs as much as. */
  private static final int USUAL_WEIGHT = 3;

  private static final int FASTEST = 80;
  private static final int SLOWEST = 300;

  /**
   * A teach of the past.
   *
   * @param plannedSeconds as it was laid out, 1 or more
   * @param realSeconds as it really took, 1 or more
   * @param classPercent the class percent that it was planned with
   */
  public record Past(int plannedSeconds, int realSeconds, int classPercent) {
    public Past {
      if (plannedSeconds < 1 || realSeconds < 1 || classPercent < 1) {
        throw new IllegalArgumentException("A teach takes time");
      }
    }
  }

  /**
   * The pace of a group, learned from its past teaches: the median of real against planned time, so
   * that one odd evening changes little; few teaches count less against the usual pace.
   */
  public TeachPace learned(List<Past> past) {
    if (past.isEmpty()) {
      return this;
    }
    int[] percents =
        past.stream()
            .mapToInt(it ->
                (int)
                    Math.round((double) it.classPercent() * it.realSeconds() / it.plannedSeconds()))
            .sorted()
            .toArray();
    int middle = percents.length / 2;
    int median =
        percents.length % 2 == 1 ? percents[middle] : (percents[middle - 1] + percents[middle]) / 2;
    int n = percents.length;
    int percent = (median * n + classPercent * USUAL_WEIGHT) / (n + USUAL_WEIGHT);
    return stretched(Math.clamp(percent, FASTEST, SLOWEST));
  }

  /** Seconds to start a drill that is no section: it is set up first where it is shown in words. */
  public int talk(Mode mode) {
    return mode == Mode.WORDS ? sectionTalk : drillTalk;
  }

  private TeachPace stretched(int percent) {
    return new TeachPace(
        wordsMillisPerCount,
        sectionTalk,
        figureTalk,
        drillTalk,
        fetch,
        again,
        turn,
        songSetUp,
        percent);
  }

  /**
   * Where the time of a drill goes.
   *
   * @param rate the full count rate
   * @param repetitions 1 or more
   */
  public DrillTime time(DrillShape once, int repetitions, Tempo rate) {
    Tempo pace = rate.atPercent(once.percent());
    long talk = 1000L * (once.talkSeconds() + fetch);
    long back = 1000L * (again + (once.turnsRound() ? turn : 0)) * (repetitions - 1);
    return switch (once.mode()) {
      case WORDS ->
          new DrillTime(
              live(talk),
              0,
              live((long) once.counts() * wordsMillisPerCount * repetitions),
              live(back),
              0);
      case COUNTS ->
          new DrillTime(
              live(talk),
              live(pace.millisOf(once.lead()) * repetitions),
              live(pace.millisOf(once.counts()) * repetitions),
              live(back),
              0);
      case MUSIC ->
          new DrillTime(
              live(talk + 1000L * songSetUp * repetitions),
              0,
              0,
              live(back),
              once.songMillis().orElseGet(() -> pace.millisOf(once.lead() + once.counts()))
                  * repetitions);
    };
  }

  private long live(long millis) {
    return millis * classPercent / 100;
  }
}
