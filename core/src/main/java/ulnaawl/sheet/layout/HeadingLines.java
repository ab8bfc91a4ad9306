package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;

/** Opens a section, a part, a tag, bridge or ending where a heading stands. */
@RequiredArgsConstructor
final class HeadingLines {

  private final Desk desk;
  private final HeadingFinder finder;
  private final StepsBehind behind;

  /** Takes a heading; false where the line is none. */
  boolean take(SheetLine line, String text) {
    Optional<Heading> heading = finder.heading(line, text);
    if (heading.isEmpty()) {
      return false;
    }
    switch (heading.get()) {
      case Heading.OfPart it -> {
        desk.part = it.name();
        desk.role(line, LineRole.HEADING);
        if (CountColumn.leads(it.rest()) || Heading.of(it.rest()).isPresent()) {
          desk.take(line, it.rest());
        }
      }
      case Heading.OfSection it -> section(line, it);
      case Heading.OfExtra it -> extra(line, it);
    }
    return true;
  }

  private void section(SheetLine line, Heading.OfSection heading) {
    boolean again =
        heading.title().isEmpty()
            && !desk.blocks.isEmpty()
            && desk.blocks.getLast().isSection()
            && desk.blocks.getLast().isEmpty();
    if (again) {
      // The counts of a section whose heading stands right above.
      desk.role(line, LineRole.HEADING);
      return;
    }
    boolean steps = CountColumn.leads(heading.title()) && heading.range().isEmpty();
    int start = heading.range().map(range -> range.from() - 1).orElse(0);
    boolean six =
        heading
            .range()
            .map(range -> range.length() % 8 != 0 && range.length() % 6 == 0)
            .orElse(false);
    desk.blocks.add(
        new OpenBlock(
            Optional.empty(),
            desk.part,
            "",
            steps ? "" : Capitals.plain(heading.title()),
            line.number(),
            start,
            six,
            true));
    desk.role(line, LineRole.HEADING);
    if (steps) {
      desk.take(line, heading.title());
    }
  }

  /** "Tag (after wall 2, facing 6): 1-4 Sway R L R L": what it is, where, and its steps. */
  private void extra(SheetLine line, Heading.OfExtra heading) {
    String rest = heading.rest();
    List<Said> told =
        desk.saidReader()
            .read(heading.kind().word() + " " + heading.name() + " " + rest, desk.danced());
    String steps = "";
    if (!rest.isEmpty()) {
      steps = behind.in(rest);
    }
    String where = rest.substring(0, rest.length() - steps.length());
    if (!told.isEmpty() && !steps.isEmpty()) {
      List<Said> shorter =
          desk.saidReader()
              .read(heading.kind().word() + " " + heading.name() + " " + where, desk.danced());
      told = shorter.isEmpty() ? told : shorter;
    }
    for (Said one : told) {
      desk.said.add(new SheetDraft.SaidAt(line.number(), named(one, heading.name()), false));
    }
    boolean stepsHere = !steps.isEmpty();
    boolean open = stepsHere || desk.linesFollow();
    boolean vague = told.isEmpty() && SaidReader.isAboutWalls(rest) && !rest.isBlank();
    desk.role(
        line,
        vague
            ? LineRole.UNREAD
            : stepsHere ? LineRole.STEPS : told.isEmpty() ? LineRole.HEADING : LineRole.WALLS);
    if (open) {
      desk.blocks.add(
          new OpenBlock(
              Optional.of(heading.kind()),
              desk.part,
              heading.name(),
              "",
              line.number(),
              0,
              false,
              true));
    }
    if (stepsHere) {
      desk.take(line, steps);
    }
  }

  private static Said named(Said one, String name) {
    return switch (one) {
      case Said.Tag it when it.name().isEmpty() ->
          new Said.Tag(it.walls(), name, it.facing(), it.optional());
      case Said.Inside it when it.name().isEmpty() ->
          new Said.Inside(it.kind(), it.walls(), name, it.after());
      default -> one;
    };
  }
}
