package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Compilation;
import ulnaawl.dance.NotedFacing;
import ulnaawl.dance.Place;
import ulnaawl.dance.compile.LineWalk;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.music.Count;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.read.LineReadings;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.sheet.Doubt;
import ulnaawl.sheet.ReadSheet;
import ulnaawl.sheet.layout.DraftBlock;
import ulnaawl.sheet.layout.DraftLine;
import ulnaawl.sheet.layout.LineRole;
import ulnaawl.sheet.layout.SheetDraft;
import ulnaawl.sheet.layout.SheetLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Severity;
import ulnaawl.text.SourceText;

/** Puts the step text of a sheet together from the best way through its lines. */
final class SheetComposer {

  private static final java.util.Set<Code> SAID_OTHERWISE =
      java.util.EnumSet.of(
          Code.SHORT_SECTION, Code.SECTION_NUMBER, Code.NO_TITLE, Code.LEVEL, Code.AWKWARD_STEP);

  private final SheetDraft draft;
  private final FigureBook book;
  private final SheetText text = new SheetText();
  private final PhrasingText phrasing;
  private final Map<Integer, SheetLine> lines = new java.util.HashMap<>();
  private final List<SheetLine> kept = new ArrayList<>();

  SheetComposer(SheetDraft draft, FigureBook book) {
    this.draft = draft;
    this.book = book;
    this.phrasing = new PhrasingText(draft.blocks());
    draft.lines().forEach(line -> lines.put(line.number(), line));
    draft.lines().stream()
        .filter(line ->
            role(line) == LineRole.UNREAD || (role(line) == LineRole.REMARK && !isHead(line)))
        .forEach(kept::add);
  }

  private LineRole role(SheetLine line) {
    return draft.roles().getOrDefault(line.number(), LineRole.EMPTY);
  }

  /** Whether a remark stands in the head, where it becomes a note. */
  private boolean isHead(SheetLine line) {
    int first =
        draft.blocks().stream()
            .flatMapToInt(block ->
                java.util.stream.IntStream.concat(
                    block.heading().stream().mapToInt(it -> it),
                    block.lines().stream().flatMap(it -> it.sources().stream()).mapToInt(it -> it)))
            .min()
            .orElse(Integer.MAX_VALUE);
    return line.number() < first;
  }

  ReadSheet compose() {
    PathSearch search = new PathSearch(draft.blocks(), draft.facts().sectionCounts(), book);
    Optional<Weight> stated =
        draft
            .facts()
            .start()
            .map(it ->
                it.equals("both") ? Weight.BOTH : it.endsWith("L") ? Weight.LEFT : Weight.RIGHT);
    Path path = search.sections(stated, draft.facts().walls());
    head(stated, path);
    List<PhrasingText.Line> phrases = phrasing.lines(draft.said());
    for (boolean section : List.of(true, false)) {
      for (int number = 0; number < draft.blocks().size(); number++) {
        if (draft.blocks().get(number).isSection() == section) {
          block(number, path, search);
        }
      }
    }
    phrasing(phrases);
    keepUpTo(Integer.MAX_VALUE);
    text.close(book);
    doubtsOfRoles();
    draft.said().stream()
        .filter(SheetDraft.SaidAt::more)
        .forEach(it -> text.doubt(it.line(), new Doubt.MoreSaid()));
    check();
    return new ReadSheet(
        draft.facts().title(), text.text(), draft.lines().stream().map(text::of).toList());
  }

  private void head(Optional<Weight> stated, Path path) {
    List<Integer> facts =
        draft.lines().stream()
            .filter(line ->
                role(line) == LineRole.FACT
                    || role(line) == LineRole.NEAR_LEVEL
                    || (role(line) == LineRole.REMARK && isHead(line)))
            .map(SheetLine::number)
            .toList();
    boolean unusual = stated.isEmpty() && path.start().weight() == Weight.RIGHT;
    Optional<String> found = unusual ? Optional.of("weight R") : Optional.empty();
    for (String header : draft.facts().lines(found)) {
      text.add(header, facts.stream().filter(it -> says(it, header)).toList());
    }
  }

  /** Whether a line of the sheet's head has the words of a header. */
  private boolean says(int number, String header) {
    String line = plain(lines.get(number) == null ? "" : lines.get(number).text());
    String name = header.substring(0, header.indexOf(':'));
    String value = header.substring(header.indexOf(':') + 1).strip();
    return switch (name) {
      case "title", "by", "note", "style" ->
          line.contains(plain(value)) || plain(value).contains(line);
      case "song" ->
          line.contains(plain(value.split(" / ")[0])) && !line.equals(plain(draft.facts().title()));
      case "start" -> line.contains("weight") || line.contains("start");
      case "level" -> line.contains(plain(value.split(" ")[value.split(" ").length - 1]));
      default -> line.contains(name.substring(0, 4));
    };
  }

  private static String plain(String words) {
    return words.toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\d]+", " ").strip();
  }

  private void block(int number, Path path, PathSearch search) {
    DraftBlock block = draft.blocks().get(number);
    int first = block.heading().orElseGet(() -> block.lines().getFirst().sources().getFirst());
    keepUpTo(first);
    text.blank();
    List<Integer> source = block.heading().stream().toList();
    if (block.isSection()) {
      if (!block.part().isEmpty() && beginsPart(number)) {
        text.add("part " + block.part(), source);
      }
      String title = block.title().replace('#', ' ').replaceAll("\\s+", " ").strip();
      text.add("section " + sectionNumber(number) + (title.isEmpty() ? "" : ": " + title), source);
      steps(number, path.steps().stream().filter(step -> step.block() == number).toList());
      sayHeading(block, number, path);
    } else {
      PhrasingText.Name name = phrasing.nameOf(block);
      text.add(name.kind().word() + " " + name.name(), source);
      steps(
          number,
          search.extra(number, new Footing(path.now().weight(), RelativeFacing.START)).steps());
      if (!name.called()) {
        text.doubt(first, new Doubt.WhichWall());
      }
    }
  }

  private boolean beginsPart(int number) {
    for (int i = number - 1; i >= 0; i--) {
      DraftBlock before = draft.blocks().get(i);
      if (before.isSection()) {
        return !before.part().equals(draft.blocks().get(number).part());
      }
    }
    return true;
  }

  private int sectionNumber(int number) {
    return (int)
        draft.blocks().subList(0, number + 1).stream().filter(DraftBlock::isSection).count();
  }

  /** Puts lines that are only kept where they stand: before a line of the sheet. */
  private void keepUpTo(int line) {
    while (!kept.isEmpty() && kept.getFirst().number() < line) {
      text.remark(kept.removeFirst());
    }
  }

  private void steps(int number, List<Path.Step> steps) {
    DraftBlock block = draft.blocks().get(number);
    int counted = 0;
    for (Path.Step step : steps) {
      DraftLine line = step.draft();
      keepUpTo(line.sources().getFirst());
      if (step.way().isEmpty()) {
        for (int source : line.sources()) {
          SheetLine sheetLine = lines.get(source);
          if (sheetLine != null) {
            text.remark(sheetLine);
          }
          text.doubt(source, new Doubt.Unread());
        }
        continue;
      }
      Way way = step.way().get();
      Footing from = step.from();
      for (int i = 0; i < way.lines().size(); i++) {
        LineWalk walk = step.walks().get(i);
        StepLine named = FigureNames.named(way.lines().get(i), walk, from, book);
        boolean uncounted = line.counts().isEmpty() && line.again().isEmpty();
        List<Count> counts = uncounted ? shifted(named.counts(), counted) : named.counts();
        int written = text.add(line(counts, named), line.sources());
        offer(line, way, from, written, counts);
        from = new Footing(walk.weight(), walk.facing());
        counted = counts.isEmpty() ? counted : counts.getLast().number();
      }
      way.doubts().forEach(doubt -> line.sources().forEach(source -> text.doubt(source, doubt)));
      if (block.fromTitle()) {
        line.sources().forEach(source -> text.doubt(source, new Doubt.StepsOfHeading()));
      }
    }
    if (block.isSection()) {
      new OptionComposer(text, book).write(block.options(), steps, sectionNumber(number));
    }
  }

  private static List<Count> shifted(List<Count> counts, int by) {
    return counts.stream().map(count -> count.plusCounts(by)).toList();
  }

  private String line(List<Count> counts, StepLine line) {
    return StepTextFormatter.line(counts, StepTextFormatter.items(line.items(), book));
  }

  /** What else a line could be: other readings that differ on the floor, and slips undone. */
  private void offer(DraftLine line, Way taken, Footing from, int written, List<Count> counts) {
    if (line.again().isPresent() || taken.lines().size() != 1) {
      return;
    }
    LineWalk danced = walk(taken.lines().getFirst(), from);
    boolean inDoubt = !taken.doubts().isEmpty() || !isClean(danced);
    boolean facingPrinted = danced.places().stream().anyMatch(it -> NotedFacing.of(it).isPresent());
    boolean several = false;
    for (Way other : LineWays.of(line, book)) {
      StepLine otherLine = other.lines().getFirst();
      LineWalk walk = walk(otherLine, from);
      if (!differs(walk, danced)) {
        continue;
      }
      boolean decided = facingPrinted && turns(walk, danced);
      several |= !inDoubt && other.doubts().isEmpty() && isClean(walk) && !decided;
      if (inDoubt || several) {
        boolean sameCounts = counts.size() == otherLine.counts().size();
        text.other(
            line.sources().getFirst(),
            written,
            line(sameCounts ? counts : otherLine.counts(), otherLine));
      }
    }
    if (several) {
      line.sources().forEach(source -> text.doubt(source, new Doubt.SeveralWays()));
    }
  }

  private LineWalk walk(StepLine line, Footing from) {
    return LineWalk.of(line, from.weight(), from.facing(), book);
  }

  private static boolean isClean(LineWalk walk) {
    return walk.diagnostics().stream().noneMatch(Diagnostic::isError)
        && PathSearch.facingsThatDiffer(walk) == 0;
  }

  private static boolean turns(LineWalk one, LineWalk other) {
    return !one.facing().equals(other.facing());
  }

  private static boolean differs(LineWalk one, LineWalk other) {
    if (one.places().size() != other.places().size() || one.weight() != other.weight()) {
      return true;
    }
    for (int i = 0; i < one.places().size(); i++) {
      Place a = one.places().get(i);
      Place b = other.places().get(i);
      if (!a.foot().equals(b.foot()) || !a.turn().equals(b.turn()) || a.after() != b.after()) {
        return true;
      }
    }
    return false;
  }

  /** Holds the figures that a heading names against those that are danced below it. */
  private void sayHeading(DraftBlock block, int number, Path path) {
    if (block.title().isEmpty() || block.heading().isEmpty()) {
      return;
    }
    LineReadings readings = LineReadings.of(List.of(), block.title(), book);
    List<Path.Step> own = path.steps().stream().filter(step -> step.block() == number).toList();
    boolean read = readings.isWhole() && own.stream().allMatch(step -> step.way().isPresent());
    if (!read || own.isEmpty()) {
      return;
    }
    List<Place> places =
        own.stream()
            .flatMap(step -> step.walks().stream())
            .flatMap(walk -> walk.places().stream())
            .toList();
    readings.lines().getFirst().items().stream()
        .filter(item -> !HeadingFigures.couldBeIn(places, item))
        .findFirst()
        .ifPresent(item ->
            text.doubt(block.heading().get(), new Doubt.HeadingDiffers(item.figure().call())));
  }

  private void phrasing(List<PhrasingText.Line> phrases) {
    if (phrases.isEmpty()) {
      return;
    }
    text.blank();
    text.add("phrasing", List.of());
    for (PhrasingText.Line phrase :
        phrases.stream()
            .sorted(Comparator.comparingInt(it -> it.text().startsWith("order") ? 0 : 1))
            .toList()) {
      boolean there = phrase.missing().isEmpty();
      if (there) {
        text.add(phrase.text(), phrase.sources());
      } else {
        text.remark(phrase.text(), phrase.sources().getFirst());
        phrase.sources().forEach(source -> text.doubt(source, new Doubt.NoSteps(phrase.missing())));
      }
    }
  }

  private void doubtsOfRoles() {
    for (SheetLine line : draft.lines()) {
      switch (role(line)) {
        case UNREAD -> text.doubt(line.number(), new Doubt.Unread());
        case NEAR_LEVEL ->
            draft.facts().level().ifPresent(level -> text.doubt(line.number(), near(level)));
        default -> {
          // Nothing is in doubt.
        }
      }
    }
  }

  private static Doubt near(Level level) {
    return new Doubt.NearLevel(level);
  }

  /** What the checks of the whole dance say, at the lines of the sheet that it stems from. */
  private void check() {
    String stepText = text.text();
    SourceText source = SourceText.of(stepText);
    int first =
        draft.lines().stream().filter(line -> !line.isEmpty()).findFirst().orElseThrow().number();
    Compilation compiled = CheckSuite.check(stepText, book);
    List<Diagnostic> found = compiled.diagnostics();
    boolean fragment =
        compiled.dance().sections().stream()
            .anyMatch(section ->
                section.counts() < draft.facts().sectionCounts()
                    || section.places().isEmpty()
                    || section.places().getFirst().count().number() > 1);
    for (Diagnostic one : found) {
      boolean ofTheEnd = fragment && one.code() == Code.END_WEIGHT;
      if (one.severity() == Severity.INFO || SAID_OTHERWISE.contains(one.code()) || ofTheEnd) {
        continue;
      }
      List<Integer> own = text.sourcesOf(source.line(one.span().start()));
      int at = own.isEmpty() ? first : own.getFirst();
      text.doubt(at, new Doubt.Check(one.message()));
    }
  }
}
