package ulnaawl.music;

/** Minutes and seconds as people write them. */
public final class PlayTime {

  private PlayTime() {}

  /** As in {@code 3:05}; the minutes of long times go on past 60. */
  public static String of(int seconds) {
    return seconds / 60 + ":" + (seconds % 60 < 10 ? "0" : "") + seconds % 60;
  }
}
