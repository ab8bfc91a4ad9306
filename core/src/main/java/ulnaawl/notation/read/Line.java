package ulnaawl.notation.read;

import java.util.Locale;
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
    return between(offset, text.length());
  }

  /** The part between two offsets, without the spaces around it. */
  Line between(int from, int to) {
    int first = from;
    int end = to;
    while (first < end && Character.isWhitespace(text.charAt(first))) {
      first++;
    }
    while (end > first && Character.isWhitespace(text.charAt(end - 1))) {
      end--;
    }
    return first == 0 && end == text.length()
        ? this
        : new Line(text.substring(first, end), start + first);
  }

  /** The text in lower case, sign by sign, so that offsets stay. */
  String lower() {
    String lower = text.toLowerCase(Locale.ROOT);
    if (lower.length() == text.length()) {
      return lower;
    }
    StringBuilder signs = new StringBuilder(text);
    for (int i = 0; i < text.length(); i++) {
      signs.setCharAt(i, Character.toLowerCase(text.charAt(i)));
    }
    return signs.toString();
  }

  /** The letters that it begins with, lower case; empty where it begins with another sign. */
  String firstWord() {
    int end = 0;
    while (end < text.length() && Character.isLetter(text.charAt(end))) {
      end++;
    }
    return text.substring(0, end).toLowerCase(Locale.ROOT);
  }

  boolean isEmpty() {
    return text.isEmpty();
  }
}
