package ulnaawl.server.storage;

/** Why the server does not start, in two sentences for whoever runs it. */
public final class StartRefusal extends RuntimeException {

  private final String remedy;

  StartRefusal(String what, String remedy) {
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
