package ulnaawl.formats;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/**
 * The text of a sheet's file: plain text, a word processor's (.docx, .odt) or a PDF with text in
 * it. What a file is, its first bytes say, not its name. Bounded in size, pages and time.
 */
public final class SheetFile {

  /** Bytes of a file. */
  public static final int MOST_BYTES = 8 * 1024 * 1024;

  /** Characters of the text of a file. */
  static final int MOST_CHARACTERS = 2 * 1024 * 1024;

  private static final Charset OLD = Charset.forName("windows-1252");

  private SheetFile() {}

  /**
   * The text.
   *
   * @throws IOException where it cannot be had, with why and what would do
   */
  public static String text(byte[] bytes) throws IOException {
    if (bytes.length > MOST_BYTES) {
      throw new IOException("it is larger than " + MOST_BYTES / (1024 * 1024) + " MB");
    }
    if (begins(bytes, "%PDF-")) {
      return SheetPdfText.of(bytes);
    }
    if (begins(bytes, "PK")) {
      return WordProcessorText.of(bytes);
    }
    if (begins(bytes, "{\\rtf") || begins(bytes, "\u00d0\u00cf\u0011\u00e0")) {
      throw new IOException(
          "it is an old word processor's file; save it there as .docx, .odt, .txt or PDF");
    }
    for (byte one : bytes) {
      if (one == 0) {
        throw new IOException("it is no text, .docx, .odt or PDF file");
      }
    }
    String text = decoded(bytes);
    return text.startsWith("\ufeff") ? text.substring(1) : text;
  }

  private static String decoded(byte[] bytes) {
    try {
      return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
    } catch (CharacterCodingException _) {
      return new String(bytes, OLD);
    }
  }

  private static boolean begins(byte[] bytes, String signs) {
    if (bytes.length < signs.length()) {
      return false;
    }
    for (int i = 0; i < signs.length(); i++) {
      if ((bytes[i] & 0xff) != signs.charAt(i)) {
        return false;
      }
    }
    return true;
  }
}
