package ulnaawl.music;

/** How fast something is danced, as people say it. Rule of thumb, no source. */
public enum Pace {
  /** Under 100 counts a minute. */
  SLOW,
  /** From 100 to 120. */
  MIDDLE,
  /** Over 120. */
  FAST;

  private static final Tempo MIDDLE_FROM = Tempo.ofBpm(100);
  private static final Tempo MIDDLE_TO = Tempo.ofBpm(120);

  /** The pace of so many counts a minute. */
  public static Pace of(Tempo countsPerMinute) {
    if (countsPerMinute.compareTo(MIDDLE_FROM) < 0) {
      return SLOW;
    }
    return countsPerMinute.compareTo(MIDDLE_TO) > 0 ? FAST : MIDDLE;
  }
}
