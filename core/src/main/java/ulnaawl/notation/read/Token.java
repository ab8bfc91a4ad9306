package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;

/**
 * A word or sign of a step line.
 *
 * @param kind what it is
 * @param text the word in lower case; of a remark what stands in its brackets
 * @param from offset in the line of its first character
 * @param to offset after its last character
 */
record Token(Kind kind, String text, int from, int to) {

  /** What a token is. */
  enum Kind {
    WORD,
    /** What stood in brackets. */
    REMARK,
    /** A comma, semicolon, full stop or plus: the next step begins. */
    STOP,
    /** The sign {@code &}, which is "and", or a step of its own between two counts. */
    AND,
    COLON
  }

  /** The tokens of some steps. */
  static List<Token> of(Line line) {
    return new Reader(line).read();
  }

  private static final class Reader {
    private final String text;
    private final String lower;
    private final List<Token> tokens = new ArrayList<>();
    private int at;

    Reader(Line line) {
      this.text = line.text();
      this.lower = line.lower();
    }

    List<Token> read() {
      while (at < text.length()) {
        char c = text.charAt(at);
        switch (c) {
          case '(' -> bracket(')');
          case '[' -> bracket(']');
          case ',', ';' -> sign(Kind.STOP);
          case '&', '+' -> sign(Kind.AND);
          case ':' -> sign(Kind.COLON);
          default -> {
            if (isWord(at)) {
              word();
            } else if (c == '.') {
              sign(Kind.STOP);
            } else {
              at++;
            }
          }
        }
      }
      return tokens;
    }

    private void sign(Kind kind) {
      tokens.add(new Token(kind, text.substring(at, at + 1), at, at + 1));
      at++;
    }

    private void bracket(char closing) {
      int close = text.indexOf(closing, at);
      int end = close < 0 ? text.length() : close;
      int after = Math.min(end + 1, text.length());
      tokens.add(new Token(Kind.REMARK, text.substring(at + 1, end).strip(), at, after));
      at = after;
    }

    private void word() {
      int begin = at;
      while (at < text.length() && (isWord(at) || isInside(at))) {
        at++;
      }
      tokens.add(new Token(Kind.WORD, lower.substring(begin, at), begin, at));
    }

    private boolean isWord(int offset) {
      char c = text.charAt(offset);
      boolean fraction = c == '¼' || c == '½' || c == '¾';
      return Character.isLetterOrDigit(c)
          || fraction
          || c == '\''
          || c == '’'
          || c == '×'
          || Character.getType(c) == Character.NON_SPACING_MARK;
    }

    /** A sign within a number: the bar of 1/4, the hyphen of 1-1/4, the colon of 3:00. */
    private boolean isInside(int offset) {
      char c = text.charAt(offset);
      return (c == '/' || c == '-' || c == '–' || c == ':' || c == '.')
          && isDigit(offset - 1)
          && isDigit(offset + 1);
    }

    private boolean isDigit(int offset) {
      return offset >= 0 && offset < text.length() && Character.isDigit(text.charAt(offset));
    }
  }
}
