package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * A line of a sheet.
 *
 * @param number from 1, in the whole text
 * @param text without spaces around it, bullets, stars and other ornaments; empty where nothing
 *     else is there, or more than {@link #MOST_SIGNS}
 * @param written as it stands in the text
 */
public record SheetLine(int number, String text, String written) {

  /** Signs of a line; a paragraph of a real sheet has fewer. */
  public static final int MOST_SIGNS = 1_000;

  private static final Pattern SPACES = Pattern.compile("[\\u00a0\\u2000-\\u200b\\u202f\\ufeff]");
  private static final Pattern BULLET = Pattern.compile("^(?:[•·▪◦●►»>*#~|]+|[-–—](?=\\s))\\s*");
  private static final Pattern TAIL = Pattern.compile("[\\s*|~_#]+$");
  private static final Pattern BOLD = Pattern.compile("__");
  private static final Pattern RULE = Pattern.compile("[\\s=_*~+.–—-]+");

  static SheetLine of(int number, String written) {
    if (written.length() > MOST_SIGNS) {
      return new SheetLine(number, "", written);
    }
    String text = SPACES.matcher(written).replaceAll(" ").replace('|', '\t').replace('’', '\'');
    text = BOLD.matcher(text).replaceAll("").strip();
    text = TAIL.matcher(BULLET.matcher(text).replaceFirst("")).replaceFirst("").strip();
    return new SheetLine(number, RULE.matcher(text).matches() ? "" : text, written);
  }

  /** All lines of a text. */
  public static List<SheetLine> all(String text) {
    List<SheetLine> lines = new ArrayList<>();
    int number = 1;
    for (String line : text.split("\\R", -1)) {
      lines.add(of(number++, line));
    }
    return lines;
  }

  /** Whether nothing but spaces and ornaments stands there. */
  public boolean isEmpty() {
    return text.isEmpty();
  }

  /** Whether it is longer than any line that is read. */
  public boolean isTooLong() {
    return written.length() > MOST_SIGNS;
  }

  /** Whether it is a rule across the page: a row of signs. */
  boolean isRule() {
    return isEmpty() && written.strip().length() >= 3;
  }
}
