package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Parts a text into its sheets: each begins with a title above its facts. */
public final class SheetSplitter {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern TITLE =
      Pattern.compile("^(?:title|dance|name of (?:the )?dance)\\s*[:=]\\s*\\S.*", CASE);
  private static final Pattern FACTS =
      Pattern.compile(
          "\\b\\d{1,3}\\s*-?\\s*counts?\\b.*\\b(?:walls?|beginner|improver|intermediate|advanced)\\b"
              + "|\\bcounts?\\s*[:=]\\s*\\d+|\\bwalls?\\s*[:=]\\s*\\d|\\bchoreograph",
          CASE);
  private static final Pattern FEET =
      Pattern.compile("\\b(?:R|L|right|left)\\b.*,.*\\b(?:R|L|right|left)\\b", CASE);
  private static final Pattern EXCEPTION =
      Pattern.compile("\\b(?:restarts?|tags?|bridge|ending)\\b", CASE);
  private static final int HEAD = 4;

  private SheetSplitter() {}

  /** The sheets, in order; at least one. */
  public static List<List<SheetLine>> split(String text) {
    List<SheetLine> lines = SheetLine.all(text);
    List<List<SheetLine>> sheets = new ArrayList<>();
    List<SheetLine> sheet = new ArrayList<>();
    boolean steps = false;
    for (int i = 0; i < lines.size(); i++) {
      SheetLine line = lines.get(i);
      boolean page = line.written().indexOf('\f') >= 0;
      if (steps && !line.isEmpty() && (begins(lines, i) || (page && isHead(lines, i)))) {
        sheets.add(sheet);
        sheet = new ArrayList<>();
        steps = false;
      }
      steps |=
          FEET.matcher(line.text()).find()
              || CountColumn.leads(line.text())
              || Heading.of(line.text()).filter(Heading.OfSection.class::isInstance).isPresent();
      sheet.add(line);
    }
    sheets.add(sheet);
    return sheets;
  }

  private static boolean begins(List<SheetLine> lines, int at) {
    return TITLE.matcher(lines.get(at).text()).matches()
        || (isAlone(lines, at) && isHead(lines, at));
  }

  /** "Paper Kites - 32 counts, 4 walls": words that are no fact before those that are. */
  private static boolean isTitled(String line) {
    Matcher facts = FACTS.matcher(line);
    return facts.find()
        && facts.start() > 2
        && Character.isUpperCase(line.charAt(0))
        && !EXCEPTION.matcher(line).find();
  }

  /** Whether a line stands first, or below an empty one. */
  private static boolean isAlone(List<SheetLine> lines, int at) {
    return at == 0 || lines.get(at - 1).isEmpty();
  }

  private static boolean isHead(List<SheetLine> lines, int at) {
    String title = lines.get(at).text();
    if (isTitled(title) && !CountColumn.leads(title)) {
      return true;
    }
    if (CountColumn.leads(title)
        || Heading.of(title).isPresent()
        || SaidReader.isAboutWalls(title)) {
      return false;
    }
    for (int i = at + 1; i <= Math.min(at + HEAD, lines.size() - 1); i++) {
      SheetLine line = lines.get(i);
      Optional<Heading> heading = Heading.of(line.text());
      if (FACTS.matcher(line.text()).find()) {
        return true;
      }
      if (CountColumn.leads(line.text()) || heading.isPresent()) {
        return false;
      }
    }
    return false;
  }
}
