package ulnaawl.cli;

/** Words behind a command that cannot be understood; the message says which and what would do. */
final class WrongWords extends Exception {
  WrongWords(String message) {
    super(message);
  }
}
