package ulnaawl.figure;

/** A figure book file that cannot be read; says the line and why. */
public final class FigureBookException extends RuntimeException {

  private final int line;

  public FigureBookException(int line, String why) {
    super("Figure book, line " + line + ": " + why);
    this.line = line;
  }

  /** Line in the file, from 1. */
  public int line() {
    return line;
  }
}
