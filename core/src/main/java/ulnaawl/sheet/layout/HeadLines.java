package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;

/** Takes the lines above the steps: facts, notes, what is announced of walls. */
@RequiredArgsConstructor
final class HeadLines {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern EXCEPTION =
      Pattern.compile("\\b(?:restarts?|tags?|bridges?|ending)\\b", CASE);

  private final Desk desk;
  private final HeadingFinder finder;
  private final WallLines walls;

  /** Whether the head ends and the steps begin. */
  boolean endsAt(SheetLine line, String text) {
    Optional<Heading> heading = finder.heading(line, text);
    if (heading.isPresent()) {
      return !(heading.get() instanceof Heading.OfExtra)
          || (SaidReader.isAboutWalls(text) && desk.stepsFollow());
    }
    List<CountColumn.Counted> counted = CountColumn.of(text, 1);
    return !counted.isEmpty()
        && counted.getFirst().counts().getFirst().number() <= 1
        && (counted.getFirst().words().isEmpty()
            ? desk.stepsFollow()
            : desk.speaksOfSteps(counted.getFirst().words()));
  }

  /** Takes a line of the head. */
  void take(SheetLine line, String text) {
    if (desk.facts.hasTitle() && SaidReader.isAboutWalls(text) && walls.take(line, text)) {
      return;
    }
    boolean ofExceptions = EXCEPTION.matcher(text).find() && !SaidReader.saysNone(text);
    boolean onWalls = ofExceptions && !WallWords.walls(text).isEmpty();
    if (desk.facts.hasTitle() && (onWalls || SaidReader.isOrder(text))) {
      desk.role(line, LineRole.UNREAD);
      return;
    }
    desk.role(
        line,
        switch (desk.facts.take(text)) {
          case WHOLE -> LineRole.FACT;
          case NOTE -> LineRole.REMARK;
          case NEAR_LEVEL -> LineRole.NEAR_LEVEL;
        });
  }
}
