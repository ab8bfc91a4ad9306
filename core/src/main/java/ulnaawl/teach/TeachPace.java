package ulnaawl.teach;

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

  /** Seconds of a drill, rounded up. */
  int seconds(Mode mode, int counts, int repetitions, int percent, Tempo rate, int talkSeconds) {
    long once =
        mode == Mode.WORDS
            ? (long) counts * wordsMillisPerCount
            : rate.atPercent(percent).millisOf(counts);
    long millis = (once * repetitions + talkSeconds * 1000L) * classPercent / 100;
    return (int) ((millis + 999) / 1000);
  }
}
