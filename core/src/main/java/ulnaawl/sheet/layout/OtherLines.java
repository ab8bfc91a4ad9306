package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import ulnaawl.notation.read.LeadingCounts;
import ulnaawl.notation.read.LineReadings;

/** Takes what is left: steps without counts, lines that wrap, options, remarks. */
@RequiredArgsConstructor
final class OtherLines {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern OPTION =
      Pattern.compile(
          "^(?:\\W*(?:easier|easy|non[- ]turning|simpler)?\\s*(?:option(?:al)?|alternative|variation)s?\\b\\s*[:=–-]*\\s*)(.+)$",
          CASE);
  private static final Pattern FAREWELL =
      Pattern.compile(
          "^(?:\\W*(?:repeat(?: the dance)?|begin again|start again|start over|enjoy|have fun|happy dancing|smile|end of dance|"
              + "contact|e-?mail|last updated?|copyright|©|revised|prepared by|thanks?|page \\d|www|http)\\b.*)$",
          CASE);
  private static final Pattern OPTION_FOR =
      Pattern.compile(
          "^(?:\\(([^)]*)\\))?\\s*,?\\s*(?:for\\s+)?counts?\\s*(\\d{1,3}[\\d&aeAE,\\s–-]*?)"
              + "(?:\\s*(?:of|in)\\s+section\\s*(\\d{1,2}))?\\s*[:,]\\s*(.+)$",
          CASE);

  private final Desk desk;
  private final StepLines steps;

  /** Whether a line only takes leave: enjoy, begin again, whom to write to. */
  static boolean isFarewell(String text) {
    return FAREWELL.matcher(text).matches();
  }

  /** Takes a line that is none of the others. */
  void take(SheetLine line, String text) {
    OpenBlock open = desk.blocks.getLast();
    if (open.isUncounted() && takeParagraph(text)) {
      return;
    }
    Matcher option = OPTION.matcher(text);
    if (option.matches() && takeOption(line, option.group(1).strip())) {
      return;
    }
    Optional<DraftLine.Again> again = StepLines.again(text);
    boolean whole = isFarewell(text);
    if (again.isPresent() && open.isEmpty() && again.get().from() > 0) {
      open.add(new DraftLine(List.of(line.number()), List.of(), text, again));
      desk.role(line, LineRole.STEPS);
    } else if (whole) {
      desk.role(line, LineRole.REMARK);
    } else if (open.isWaiting() || (!desk.afterBlank && open.goesOn(text, steps::isContinued))) {
      open.join(line, text);
      desk.role(line, LineRole.STEPS);
    } else if ((open.isUncounted() || open.isEmpty()) && desk.speaksOfSteps(text)) {
      open.add(new DraftLine(List.of(line.number()), List.of(), text, Optional.empty()));
      desk.role(line, LineRole.STEPS);
    } else {
      desk.role(line, desk.speaksOfSteps(text) ? LineRole.UNREAD : LineRole.REMARK);
    }
  }

  /** "Option for counts 5-8 of section 2: …", or of the line above where nothing else is said. */
  private boolean takeOption(SheetLine line, String words) {
    OpenBlock open = desk.blocks.getLast();
    Matcher other = OPTION_FOR.matcher(words);
    if (!other.matches()) {
      if (!open.takeOption(line, words)) {
        return false;
      }
      desk.role(line, LineRole.STEPS);
      return true;
    }
    List<OpenBlock> sections = desk.blocks.stream().filter(OpenBlock::isSection).toList();
    int number = other.group(3) == null ? sections.size() : Integer.parseInt(other.group(3));
    Optional<LeadingCounts> counts = LeadingCounts.of(other.group(2).strip());
    if (counts.isEmpty() || number < 1 || number > sections.size()) {
      desk.role(line, LineRole.UNREAD);
      return true;
    }
    String name = other.group(1) == null ? "" : other.group(1);
    sections
        .get(number - 1)
        .add(
            new DraftOption(
                line.number(), name, counts.get().counts(), true, other.group(4).strip()));
    desk.role(line, LineRole.STEPS);
    return true;
  }

  /**
   * A paragraph of steps without counts is a section of its own. Where its first line and the rest
   * have a section's counts each, the first is its title.
   */
  boolean takeParagraph(String text) {
    if (!desk.afterBlank || CountColumn.leads(text) || desk.facts.isFact(text)) {
      return false;
    }
    int end = desk.at;
    int counts = 0;
    while (end < desk.lines.size() && !desk.lines.get(end).isEmpty()) {
      LineReadings readings =
          LineReadings.of(List.of(), LineEnds.without(desk.lines.get(end).text()), desk.book);
      if (!readings.isWhole()
          || CountColumn.leads(desk.lines.get(end).text())
          || SaidReader.isAboutWalls(desk.lines.get(end).text())) {
        return false;
      }
      counts += readings.wholeCounts();
      end++;
    }
    int first = LineReadings.of(List.of(), LineEnds.without(text), desk.book).wholeCounts();
    int wanted = desk.facts.sectionCounts();
    boolean titled = end > desk.at + 1 && counts - first == wanted;
    if (!titled && counts != wanted) {
      return false;
    }
    SheetLine heading = desk.lines.get(desk.at);
    desk.blocks.add(
        new OpenBlock(
            Optional.empty(),
            desk.part,
            "",
            titled ? LineEnds.without(text) : "",
            titled ? heading.number() : 0,
            0,
            false,
            titled));
    for (int i = desk.at; i < end; i++) {
      SheetLine line = desk.lines.get(i);
      boolean title = titled && i == desk.at;
      desk.role(line, title ? LineRole.HEADING : LineRole.STEPS);
      if (!title) {
        desk.blocks
            .getLast()
            .add(new DraftLine(List.of(line.number()), List.of(), line.text(), Optional.empty()));
      }
    }
    desk.at = end - 1;
    return true;
  }
}
