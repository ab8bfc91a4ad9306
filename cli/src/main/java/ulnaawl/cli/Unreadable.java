package ulnaawl.cli;

/** A file that cannot be read, with the reason. */
final class Unreadable extends Exception {
  Unreadable(String message) {
    super(message);
  }
}
