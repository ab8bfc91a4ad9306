package ulnaawl.text;

/** How much a diagnostic matters. */
public enum Severity {
  /** The dance cannot be danced, or cannot be understood, as written. */
  ERROR,
  /** It can be danced, but something is probably not meant so. */
  WARNING,
  /** Worth knowing. */
  INFO;

  /** {@code error}, {@code warning} or {@code info}. */
  public String word() {
    return name().toLowerCase(java.util.Locale.ROOT);
  }
}
