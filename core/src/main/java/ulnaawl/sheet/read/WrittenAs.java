package ulnaawl.sheet.read;

import java.util.List;
import java.util.regex.Pattern;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/**
 * What a text of a dance was meant to be. Both kinds may have a title in front and sections, so
 * that does not tell: the reading that leaves less unsure does.
 */
public enum WrittenAs {
  STEP_TEXT,
  PRINTED_SHEET;

  private static final Pattern TITLE_FIRST = Pattern.compile("(?is)\\s*title:.*");
  private static final Pattern SECTION = Pattern.compile("(?im)^section\\b");

  /**
   * Decides.
   *
   * @param mistakes what is wrong with it when it is read as step text
   * @param sheets what it is when it is read as printed sheets
   */
  public static WrittenAs of(String text, List<Diagnostic> mistakes, List<ReadSheet> sheets) {
    if (mistakes.stream().noneMatch(Diagnostic::isError)) {
      return STEP_TEXT;
    }
    boolean possible = TITLE_FIRST.matcher(text).matches() && SECTION.matcher(text).find();
    // A slip in a step is one in either; a line that step text has no place for is not.
    long strange = mistakes.stream().filter(it -> it.code() == Code.NOT_UNDERSTOOD).count();
    long unsure = sheets.stream().mapToLong(it -> it.doubtful().size()).sum();
    return possible && sheets.size() <= 1 && strange <= unsure ? STEP_TEXT : PRINTED_SHEET;
  }
}
