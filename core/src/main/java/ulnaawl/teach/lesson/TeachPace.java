package ulnaawl.teach.lesson;

import java.util.List;
import ulnaawl.music.Tempo;

/**
 * How long the pieces of a teach take. Common practice, no source; the sums are held against the
 * measured paces in the tests.
 *
 * @param wordsMillisPerCount a walk-through in words, milliseconds for one count
 * @param sectionTalk seconds to set a section up: start weight, facing, what comes
 * @param figureTalk seconds to break down one figure that is new to the group
 * @param drillTalk seconds to start any other drill
 * @param classPercent 100 for the teach alone; a live class with questions takes half as long again
 */
public record TeachPace(
    int wordsMillisPerCount, int sectionTalk, int figureTalk, int drillTalk, int classPercent) {

  /** The teach alone, without questions. */
  public static final TeachPace PLAIN = new TeachPace(1600, 8, 6, 6, 100);

  /** A live class with questions: half as long again. */
  public static final TeachPace LIVE = new TeachPace(1600, 8, 6, 6, 150);

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
    return new TeachPace(
        wordsMillisPerCount,
        sectionTalk,
        figureTalk,
        drillTalk,
        Math.clamp(percent, FASTEST, SLOWEST));
  }

  /**
   * Seconds of a drill, rounded up.
   *
   * @param counts counts of its scope
   * @param percent share of the full count rate, 1 to 100; without meaning in words
   * @param talkSeconds what is said before it
   */
  public int seconds(
      Mode mode, int counts, int repetitions, int percent, Tempo rate, int talkSeconds) {
    long once =
        mode == Mode.WORDS
            ? (long) counts * wordsMillisPerCount
            : rate.atPercent(percent).millisOf(counts);
    long millis = (once * repetitions + talkSeconds * 1000L) * classPercent / 100;
    return (int) ((millis + 999) / 1000);
  }
}
