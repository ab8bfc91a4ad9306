package ulnaawl.server.exchange;

/** What comes in, in the order in which it does: what others name comes before them. */
public enum Kind {
  GROUPS("groups"),
  DANCES("dances"),
  SONGS("songs"),
  CLOSED_DAYS("closed days"),
  REGISTER("names of a register"),
  CLASSES("classes"),
  RECORD("entries of the record");

  private final String label;

  Kind(String label) {
    this.label = label;
  }

  /** What several of it are called, in a sentence. */
  String label() {
    return label;
  }
}
