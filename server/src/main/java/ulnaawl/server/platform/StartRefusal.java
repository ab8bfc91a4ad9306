package ulnaawl.server.platform;

/** Why the server does not start, in two sentences for whoever runs it. */
public final class StartRefusal extends RuntimeException {

  private final String remedy;

  /**
   * A refusal.
   *
   * @param what what is so
   * @param remedy what to do about it
   */
  public StartRefusal(String what, String remedy) {
    super(what);
    this.remedy = remedy;
  }

  /** What to do about it. */
  public String remedy() {
    return remedy;
  }

  /** What is so. */
  String what() {
    return String.valueOf(getMessage());
  }
}
