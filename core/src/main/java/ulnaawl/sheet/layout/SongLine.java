package ulnaawl.sheet.layout;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What a sheet says of its music, as a song line of step text. */
final class SongLine {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern BPM =
      Pattern.compile(
          "\\(?\\b(\\d{2,3}(?:\\.\\d)?)\\s*bpm\\b\\)?|\\bbpm\\s*[:=-]?\\s*(\\d{2,3}(?:\\.\\d)?)\\b",
          CASE);
  private static final Pattern LENGTH =
      Pattern.compile(
          "\\(?(?:\\blength\\s*[:=-]?\\s*)?\\b(\\d{1,2}:[0-5]\\d)(?:\\s*(?:mins?|minutes?))?\\b\\)?",
          CASE);
  private static final Pattern COUNT_RATE =
      Pattern.compile("[(\\[]?\\bcount rate\\s*[:=]?\\s*(1/2|2|1)\\b[)\\]]?", CASE);
  private static final Pattern ALBUM =
      Pattern.compile(
          "[(\\[]\\s*(?:album|cd|ep)\\b[^)\\]]*[)\\]]|\\b(?:album|cd|ep)\\s*:.*$", CASE);

  private SongLine() {}

  /** A song as step text writes it. */
  static String of(String said) {
    String rest = ALBUM.matcher(said).replaceAll(" ");
    StringBuilder more = new StringBuilder();
    Matcher bpm = BPM.matcher(rest);
    if (bpm.find()) {
      more.append(" / ").append(bpm.group(1) == null ? bpm.group(2) : bpm.group(1)).append(" bpm");
      rest = rest.substring(0, bpm.start()) + rest.substring(bpm.end());
    }
    Matcher rate = COUNT_RATE.matcher(rest);
    if (rate.find()) {
      more.append(" / count rate ").append(rate.group(1));
      rest = rest.substring(0, rate.start()) + rest.substring(rate.end());
    }
    Matcher length = LENGTH.matcher(rest);
    if (length.find()) {
      more.append(" / ").append(length.group(1));
      rest = rest.substring(0, length.start()) + rest.substring(length.end());
    }
    String[] parts =
        rest.split(
            "(?i)[\"”]\\s*by\\s+|\\s+by\\s+|[\"”]\\s*[-–—]\\s*|\\s+[-–—]\\s+|\\s+/\\s+|,\\s+(?:by\\s+)?|\\s+[(\\[]",
            2);
    StringBuilder song = new StringBuilder();
    for (String part : parts) {
      String words =
          part.replaceAll("^[\\s,;:\"“”'()\\[\\]–—/-]+|[\\s,;:.\"“”'()\\[\\]–—/-]+$", "")
              .replace("/", "-");
      if (!words.isEmpty()) {
        song.append(song.isEmpty() ? "" : " / ").append(words);
      }
    }
    return song.append(more).toString();
  }
}
