package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.notation.Block.ExtraKind;

/** Takes what a sheet says of walls: restarts, tags, bridges, repeats, endings, the order. */
@RequiredArgsConstructor
final class WallLines {

  private final Desk desk;
  private final HeadingFinder finder;
  private final StepsBehind behind;

  /** Takes a line that speaks of walls; false where it does not, or is a heading. */
  boolean take(SheetLine line, String text) {
    if (!SaidReader.isAboutWalls(text) || CountColumn.leads(text)) {
      return false;
    }
    if (SaidReader.saysNone(text)) {
      desk.role(line, LineRole.REMARK);
      desk.facts.note(text);
      return true;
    }
    if (Heading.of(text).isPresent()) {
      return false;
    }
    String whole = text;
    int joined = 0;
    List<Said> told = desk.saidReader().read(whole, desk.danced());
    while (told.isEmpty() && joined < 1 && followsOn(desk.at + 1 + joined)) {
      joined++;
      whole = whole + " " + desk.lines.get(desk.at + joined).text();
      told = desk.saidReader().read(whole, desk.danced());
    }
    if (told.isEmpty()) {
      if (desk.isHead()) {
        return false;
      }
      desk.role(line, OtherLines.isFarewell(text) ? LineRole.REMARK : LineRole.UNREAD);
      return true;
    }
    for (Said one : told) {
      desk.said.add(new SheetDraft.SaidAt(line.number(), one, SaidReader.saysMore(whole, one)));
    }
    desk.role(line, LineRole.WALLS);
    for (int i = 1; i <= joined; i++) {
      desk.role(desk.lines.get(desk.at + i), LineRole.WALLS);
    }
    desk.at += joined;
    openStepsOf(line, whole, told);
    return true;
  }

  /** "After wall 2 dance the following tag:" opens a tag, "… : sway R L R L" has it whole. */
  private void openStepsOf(SheetLine line, String text, List<Said> told) {
    Said first = told.getLast();
    Optional<ExtraKind> kind =
        switch (first) {
          case Said.Tag _ -> Optional.of(ExtraKind.TAG);
          case Said.Inside it -> Optional.of(it.kind());
          default -> Optional.empty();
        };
    if (kind.isEmpty()) {
      return;
    }
    String name =
        switch (first) {
          case Said.Tag it -> it.name();
          case Said.Inside it -> it.name();
          default -> "";
        };
    String steps = behind.in(text);
    if (!steps.isEmpty() || (desk.linesFollow() && !desk.isHead() && !sectionsFollow())) {
      desk.blocks.add(new OpenBlock(kind, desk.part, name, "", line.number(), 0, false, true));
      if (!steps.isEmpty()) {
        desk.take(line, steps);
      }
    }
  }

  private boolean sectionsFollow() {
    int wanted = desk.facts.sectionCounts();
    int danced =
        desk.blocks.isEmpty() || !desk.blocks.getLast().isSection()
            ? 0
            : desk.blocks.getLast().counts(wanted);
    return danced > 0 && danced < wanted;
  }

  private boolean followsOn(int index) {
    return index < desk.lines.size()
        && !desk.lines.get(index).isEmpty()
        && finder.heading(desk.lines.get(index), desk.lines.get(index).text()).isEmpty()
        && !CountColumn.leads(desk.lines.get(index).text());
  }
}
