package ulnaawl.notation.read;

import ulnaawl.text.SourceSpan;

/**
 * A line without its comment and outer spaces, and where it begins in the whole text.
 *
 * @param text never blank
 * @param start offset of its first character
 */
record Line(String text, int start) {

  SourceSpan span() {
    return new SourceSpan(start, start + text.length());
  }

  /** A run of this line as a span of the whole text. */
  SourceSpan span(int from, int to) {
    return new SourceSpan(start + from, start + to);
  }

  /** The part from an offset on, without the spaces around it. */
  Line from(int offset) {
    int from = offset;
    while (from < text.length() && Character.isWhitespace(text.charAt(from))) {
      from++;
    }
    return new Line(text.substring(from).stripTrailing(), start + from);
  }

  /** The part between two offsets, without the spaces around it. */
  Line between(int from, int to) {
    return new Line(text.substring(from, to), start + from).from(0);
  }

  String lower() {
    return text.toLowerCase(java.util.Locale.ROOT);
  }

  boolean isEmpty() {
    return text.isEmpty();
  }
}
