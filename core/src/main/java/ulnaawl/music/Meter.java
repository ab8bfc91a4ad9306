package ulnaawl.music;

/** How counts group into sections: 8 to a section as a rule, 6 in waltz time (common practice). */
public enum Meter {
  /** Sections of 8 counts. */
  FOUR(8, 4),
  /** Waltz time: sections of 6 counts. */
  THREE(6, 3);

  private final int sectionCounts;
  private final int beats;

  Meter(int sectionCounts, int beats) {
    this.sectionCounts = sectionCounts;
    this.beats = beats;
  }

  /** Counts in a full section. */
  public int sectionCounts() {
    return sectionCounts;
  }

  /** Beats in a bar. */
  public int beats() {
    return beats;
  }
}
