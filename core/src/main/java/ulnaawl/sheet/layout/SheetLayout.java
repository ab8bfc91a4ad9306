package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import ulnaawl.figure.FigureBook;

/** Goes through a sheet from top to bottom and says of every line what it is for. */
public final class SheetLayout {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern HOW_MANY =
      Pattern.compile(
          "^(?:\\d|one|two|three)\\s+(?:easy\\s+)?(?=(?:restart|tag|bridge)s?\\b)", CASE);

  private final Desk desk;
  private final HeadLines head;
  private final WallLines walls;
  private final HeadingLines headings;
  private final StepLines steps;
  private final OtherLines others;

  private SheetLayout(List<SheetLine> lines, FigureBook book) {
    this.desk = new Desk(lines, book, this::take);
    this.steps = new StepLines(desk);
    HeadingFinder finder = new HeadingFinder(desk, steps);
    StepsBehind behind = new StepsBehind(desk);
    this.walls = new WallLines(desk, finder, behind);
    this.headings = new HeadingLines(desk, finder, behind);
    this.others = new OtherLines(desk, steps);
    this.head = new HeadLines(desk, finder, walls);
  }

  /** Finds its way through the lines of one sheet. */
  public static SheetDraft of(List<SheetLine> lines, FigureBook book) {
    return new SheetLayout(lines, book).read();
  }

  private SheetDraft read() {
    for (desk.at = 0; desk.at < desk.lines.size(); desk.at++) {
      SheetLine line = desk.lines.get(desk.at);
      if (line.isEmpty()) {
        desk.role(line, LineRole.EMPTY);
        desk.afterBlank = true;
      } else {
        take(line, line.text());
        desk.afterBlank = false;
      }
    }
    if (desk.blocks.stream().anyMatch(OpenBlock::isOfSix) && !desk.facts.isWaltz()) {
      desk.facts.threeFour();
    }
    List<DraftBlock> done = new ArrayList<>();
    for (OpenBlock block : desk.blocks) {
      done.addAll(block.close(desk.facts.sectionCounts()));
    }
    return new SheetDraft(desk.lines, desk.facts, done, desk.said, desk.roles);
  }

  private void take(SheetLine line, String said) {
    String text = SaidReader.saysNone(said) ? said : HOW_MANY.matcher(said).replaceFirst("");
    if (desk.isHead() && desk.facts.hasTitle() && others.takeParagraph(text)) {
      return;
    }
    if (desk.isHead() && !head.endsAt(line, text)) {
      head.take(line, text);
    } else if (!walls.take(line, text) && !headings.take(line, text) && !steps.take(line, text)) {
      others.take(line, text);
    }
  }
}
