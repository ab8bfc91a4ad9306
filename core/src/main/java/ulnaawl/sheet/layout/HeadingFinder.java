package ulnaawl.sheet.layout;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import ulnaawl.music.Count;

/** Tells headings from lines of steps, by what stands above and below them. */
@RequiredArgsConstructor
final class HeadingFinder {

  private static final Pattern LISTED = Pattern.compile("^(\\d{1,2}|[A-H])[.)]\\s+(\\D.*)$");

  private final Desk desk;
  private final StepLines steps;

  /** A line as a heading; none where it is another line. */
  Optional<Heading> heading(SheetLine line, String text) {
    Optional<Heading> heading = Heading.of(text);
    if (heading.isPresent() && heading.get() instanceof Heading.OfSection it && isBare(text, it)) {
      return heading.filter(_ -> isAboveItsLines(it, line));
    }
    Optional<Heading> listed = listed(text);
    if (listed.isPresent()) {
      return listed;
    }
    if (heading.isEmpty() && isTitleOfSteps(line, text)) {
      return Optional.of(new Heading.OfSection(Optional.empty(), text));
    }
    if (heading.isEmpty()
        && isCapitals(text)
        && desk.next(desk.at + 1).map(next -> CountColumn.leads(next.text())).orElse(false)) {
      return Optional.of(new Heading.OfSection(Optional.empty(), text));
    }
    return heading;
  }

  /** "2. Vine, sway": a heading where the counts below begin anew, and not with the next number. */
  private Optional<Heading> listed(String text) {
    Matcher listed = LISTED.matcher(text);
    if (!listed.matches()) {
      return Optional.empty();
    }
    char first = listed.group(1).charAt(0);
    int number = Character.isDigit(first) ? Integer.parseInt(listed.group(1)) : first - 'A' + 1;
    long sections = desk.blocks.stream().filter(OpenBlock::isSection).count();
    boolean begins =
        desk.next(desk.at + 1)
            .map(next -> CountColumn.of(next.text(), 1))
            .filter(counted -> !counted.isEmpty())
            .map(counted -> counted.getFirst().counts().getFirst().number())
            .filter(it -> it <= 1 || it == (number - 1) * desk.facts.sectionCounts() + 1)
            .isPresent();
    return number == sections + 1 && begins
        ? Optional.of(new Heading.OfSection(Optional.empty(), listed.group(2)))
        : Optional.empty();
  }

  /** A line of words right above counts that begin anew, where no steps are missing above it. */
  private boolean isTitleOfSteps(SheetLine line, String text) {
    int index = desk.lines.indexOf(line);
    if (index + 1 >= desk.lines.size()
        || CountColumn.leads(text)
        || SaidReader.isAboutWalls(text)) {
      return false;
    }
    List<CountColumn.Counted> next = CountColumn.of(desk.lines.get(index + 1).text(), 1);
    if (next.isEmpty() || next.getFirst().counts().getFirst().number() > 1) {
      return false;
    }
    if (desk.isHead()) {
      return desk.facts.hasTitle()
          && !desk.facts.isFact(text)
          && (isCapitals(text) || desk.speaksOfSteps(text));
    }
    OpenBlock open = desk.blocks.getLast();
    return open.isFull(desk.facts.sectionCounts())
        && (desk.afterBlank || !open.goesOn(text, steps::isContinued))
        && !CountColumn.of(text, open.expected()).stream().findFirst().isPresent();
  }

  /** Whether a heading is counts and words alone, as a line of steps is. */
  private static boolean isBare(String text, Heading.OfSection heading) {
    return heading.range().isPresent() && !heading.title().isEmpty() && CountColumn.leads(text);
  }

  private boolean isAboveItsLines(Heading.OfSection heading, SheetLine line) {
    Heading.Range range = heading.range().orElseThrow();
    Optional<SheetLine> next = desk.next(desk.lines.indexOf(line) + 1);
    if (next.isEmpty()) {
      return false;
    }
    List<CountColumn.Counted> counted = CountColumn.of(next.get().text(), 1);
    if (counted.isEmpty()) {
      return false;
    }
    Count first = counted.getFirst().counts().getFirst();
    Count last = counted.getLast().counts().getLast();
    if (first.number() <= 1 && (range.from() > 1 || isCapitals(heading.title()))) {
      return true;
    }
    boolean begins =
        first.number() <= 1
            || first.number() == range.from()
            || first.plusTicks(6).number() == range.from();
    return begins && last.number() - Math.max(1, first.number()) + 1 < range.length();
  }

  private static boolean isCapitals(String text) {
    long letters = text.chars().filter(Character::isLetter).count();
    return letters >= 6
        && text.chars().noneMatch(Character::isLowerCase)
        && !CountColumn.leads(text);
  }
}
