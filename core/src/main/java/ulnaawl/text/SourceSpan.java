package ulnaawl.text;

/**
 * A half-open run of characters in a text.
 *
 * @param start offset of the first character, from 0
 * @param end offset after the last character; not before {@code start}
 */
public record SourceSpan(int start, int end) {

  public SourceSpan {
    if (start < 0 || end < start) {
      throw new IllegalArgumentException("Not a span: " + start + " to " + end);
    }
  }

  public static SourceSpan at(int offset) {
    return new SourceSpan(offset, offset);
  }

  public int length() {
    return end - start;
  }

  /** The smallest span that holds both. */
  public SourceSpan cover(SourceSpan other) {
    return new SourceSpan(Math.min(start, other.start), Math.max(end, other.end));
  }
}
