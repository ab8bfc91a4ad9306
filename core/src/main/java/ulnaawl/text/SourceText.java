package ulnaawl.text;

import java.util.Arrays;
import lombok.AccessLevel;
import lombok.RequiredArgsConstructor;

/** A text with its line starts, so that offsets can be said as line and column. */
@RequiredArgsConstructor(access = AccessLevel.PRIVATE)
public final class SourceText {

  private final String text;
  private final int[] lineStarts;

  public static SourceText of(String text) {
    int[] starts = new int[16];
    int lines = 1;
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) == '\n') {
        if (lines == starts.length) {
          starts = Arrays.copyOf(starts, lines * 2);
        }
        starts[lines++] = i + 1;
      }
    }
    return new SourceText(text, Arrays.copyOf(starts, lines));
  }

  public String text() {
    return text;
  }

  public int lineCount() {
    return lineStarts.length;
  }

  /** Line of an offset, from 1. */
  public int line(int offset) {
    int found = Arrays.binarySearch(lineStarts, offset);
    return found >= 0 ? found + 1 : -found - 1;
  }

  /** Column of an offset within its line, from 1. */
  public int column(int offset) {
    return offset - lineStarts[line(offset) - 1] + 1;
  }

  /** Offset at which a line begins; {@code line} from 1 to {@link #lineCount()}. */
  public int startOf(int line) {
    return lineStarts[line - 1];
  }

  /** The line's text without its line break; {@code line} from 1 to {@link #lineCount()}. */
  public String lineText(int line) {
    int end = line < lineStarts.length ? lineStarts[line] - 1 : text.length();
    if (end > lineStarts[line - 1] && text.charAt(end - 1) == '\r') {
      end--;
    }
    return text.substring(lineStarts[line - 1], end);
  }
}
