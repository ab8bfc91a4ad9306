package ulnaawl.formats;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;

/**
 * Looks into a PDF before it is opened, so that none unpacks to more than there is room for: how
 * large its packed streams are (ISO 32000-1, 7.3.8 and 7.4), and that they are packed once and in a
 * way that can be measured.
 */
final class PdfGuard {

  private static final int MOST_UNPACKED = 48 * 1024 * 1024;

  private static final Pattern STREAM = Pattern.compile("stream\\r?\\n");
  private static final Pattern ESCAPED = Pattern.compile("#([0-9A-Fa-f]{2})");
  private static final Pattern LOCKED = Pattern.compile("/Encrypt\\b");
  private static final Pattern UNMEASURED =
      Pattern.compile(
          "/(?:LZWDecode|LZW|RunLengthDecode|RL|Crypt)\\b"
              + "|/(?:FlateDecode|Fl)\\s*+/(?:FlateDecode|Fl)\\b");

  /** A stream's filters, and the signs that are looked at of them: real ones have a few names. */
  private static final String FILTERS = "/Filter";

  private static final int MOST_OF_FILTERS = 256;
  private static final Pattern REFERENCE = Pattern.compile("\\d\\s+\\d{1,9}\\s+R\\b");

  private PdfGuard() {}

  /**
   * Lets a PDF pass.
   *
   * @throws IOException where it may not be opened, with why and what would do
   */
  static void check(byte[] bytes) throws IOException {
    String text = new String(bytes, StandardCharsets.ISO_8859_1);
    String names =
        ESCAPED
            .matcher(text)
            .replaceAll(it ->
                Matcher.quoteReplacement(String.valueOf((char) Integer.parseInt(it.group(1), 16))));
    if (LOCKED.matcher(names).find()) {
      throw new IOException("it is locked with a password; open it and copy its text");
    }
    if (UNMEASURED.matcher(names).find() || hasFiltersElsewhere(names)) {
      throw new IOException(
          "it is packed in a way that is not read here; open it, copy its text and paste that");
    }
    long unpacked = 0;
    Matcher stream = STREAM.matcher(text);
    while (stream.find()) {
      unpacked += unpacked(bytes, stream.end(), MOST_UNPACKED - unpacked);
      if (unpacked >= MOST_UNPACKED) {
        throw new IOException(
            "unpacked it is larger than " + MOST_UNPACKED / (1024 * 1024) + " MB");
      }
    }
  }

  /** Whether a stream's filters stand where they cannot be seen, or are too many to be meant. */
  private static boolean hasFiltersElsewhere(String names) {
    for (int at = names.indexOf(FILTERS); at >= 0; at = names.indexOf(FILTERS, at + 1)) {
      int from = at + FILTERS.length();
      String said =
          names.substring(from, Math.min(names.length(), from + MOST_OF_FILTERS)).stripLeading();
      boolean isList = said.startsWith("[");
      int end = said.indexOf(']');
      if (said.isEmpty() || (isList && end < 0)) {
        return true;
      }
      boolean isElsewhere =
          isList
              ? REFERENCE.matcher(said.substring(0, end)).find()
              : Character.isDigit(said.charAt(0));
      if (isElsewhere) {
        return true;
      }
    }
    return false;
  }

  /** Bytes that a stream unpacks to, as far as it can be unpacked, to a buffer beyond a limit. */
  private static long unpacked(byte[] bytes, int from, long most) {
    Inflater inflater = new Inflater();
    try {
      inflater.setInput(bytes, from, bytes.length - from);
      byte[] buffer = new byte[64 * 1024];
      while (inflater.getBytesWritten() < most && inflater.inflate(buffer) > 0) {
        // It is only counted.
      }
    } catch (DataFormatException notPackedOrBroken) {
      // What came before it broke was work all the same.
    }
    long all = inflater.getBytesWritten();
    inflater.end();
    return all;
  }
}
