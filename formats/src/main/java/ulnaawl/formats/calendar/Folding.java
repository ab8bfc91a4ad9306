package ulnaawl.formats.calendar;

import java.nio.charset.StandardCharsets;

/** Long lines, folded into lines of 75 octets at the most (RFC 5545, section 3.1). */
final class Folding {

  private static final int MOST_OCTETS = 75;
  private static final String END = "\r\n";

  private Folding() {}

  static String folded(String text) {
    StringBuilder folded = new StringBuilder(text.length());
    text.lines().forEach(line -> fold(line, folded));
    return folded.toString();
  }

  private static void fold(String line, StringBuilder to) {
    int octets = 0;
    for (int at = 0; at < line.length(); ) {
      int letter = line.codePointAt(at);
      int more = Character.toString(letter).getBytes(StandardCharsets.UTF_8).length;
      if (octets + more > MOST_OCTETS) {
        to.append(END).append(' ');
        octets = 1;
      }
      to.appendCodePoint(letter);
      octets += more;
      at += Character.charCount(letter);
    }
    to.append(END);
  }
}
