package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Count;
import ulnaawl.notation.Block.ExtraKind;
import ulnaawl.notation.read.LeadingCounts;
import ulnaawl.notation.read.LineReadings;

/** Goes through a sheet from top to bottom and says of every line what it is for. */
public final class SheetLayout {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern OPTION =
      Pattern.compile(
          "^(?:\\W*(?:easier|easy|non[- ]turning|simpler)?\\s*(?:option(?:al)?|alternative|variation)s?\\b\\s*[:=–-]*\\s*)(.+)$",
          CASE);
  private static final Pattern INLINE_OPTION =
      Pattern.compile(
          "[(\\[]\\s*(?:(?:easier|easy|easy option|option|alternative|alt)\\b[:,]?\\s*(?:or\\b)?|or\\b:?)\\s*([^()\\[\\]]+)[)\\]]",
          CASE);
  private static final Pattern AGAIN =
      Pattern.compile(
          "^repeat\\s+(?:the\\s+)?(?:above\\s+)?(?:(sections?|sec|s)|counts?|steps?|beats?)?\\s*"
              + "(\\d{1,3})(?:\\s*(?:-|–|to|through|and|&)\\s*(?:section\\s*)?(\\d{1,3}))?\\b(.*)$",
          CASE);
  private static final Pattern AGAIN_ABOVE =
      Pattern.compile(
          "^repeat\\s+(?:the\\s+)?(?:above|last|previous|first)?\\s*(\\d|four|eight|two)?\\s*(?:counts?|steps)?\\s*(?:above)?\\b(.*)$",
          CASE);
  private static final Pattern MIRRORED =
      Pattern.compile("\\b(?:left|right|other|opposite|mirror(?:ed|ing)?|reverse)\\b", CASE);
  private static final Pattern FAREWELL =
      Pattern.compile(
          "^(?:\\W*(?:repeat(?: the dance)?|begin again|start again|start over|enjoy|have fun|happy dancing|smile|end of dance|"
              + "contact|e-?mail|last updated?|copyright|©|revised|prepared by|thanks?|page \\d|www|http)\\b.*)$",
          CASE);
  private static final Pattern CONTINUES =
      Pattern.compile("(?:[,&+/]|\\b(?:and|with|the|to|on|then|left|right|turn|\\d/\\d))$", CASE);
  private static final Pattern STEP_WORD =
      Pattern.compile(
          "\\b(?:left|right|step|rock|touch|cross|turn|kick|heel|toe|shuffle|walk|vine|grapevine|hold|stomp|scuff|"
              + "hitch|point|sway|bump|pivot|coaster|sailor|mambo|weave|side|behind|lock|jazz|brush|hook|tap|slide|drag)\\b",
          CASE);

  private static final Pattern EXCEPTION =
      Pattern.compile("\\b(?:restarts?|tags?|bridges?|ending)\\b", CASE);

  private final List<SheetLine> lines;
  private final FigureBook book;
  private final SheetFacts facts = new SheetFacts();
  private final Map<Integer, LineRole> roles = new HashMap<>();
  private final List<SheetDraft.SaidAt> said = new ArrayList<>();
  private final List<OpenBlock> blocks = new ArrayList<>();
  private String part = "";
  private boolean afterBlank;
  private int at;

  private SheetLayout(List<SheetLine> lines, FigureBook book) {
    this.lines = List.copyOf(lines);
    this.book = book;
  }

  /** Finds its way through the lines of one sheet. */
  public static SheetDraft of(List<SheetLine> lines, FigureBook book) {
    return new SheetLayout(lines, book).read();
  }

  private SheetDraft read() {
    for (at = 0; at < lines.size(); at++) {
      SheetLine line = lines.get(at);
      if (line.isEmpty()) {
        role(line, LineRole.EMPTY);
        afterBlank = true;
      } else {
        take(line, line.text());
        afterBlank = false;
      }
    }
    if (blocks.stream().anyMatch(OpenBlock::isOfSix) && !facts.isWaltz()) {
      facts.threeFour();
    }
    List<DraftBlock> done = new ArrayList<>();
    for (OpenBlock block : blocks) {
      done.addAll(block.close(facts.sectionCounts()));
    }
    return new SheetDraft(lines, facts, done, said, roles);
  }

  private void role(SheetLine line, LineRole role) {
    roles.merge(line.number(), role, (before, now) -> now == LineRole.REMARK ? before : now);
  }

  private boolean isHead() {
    return blocks.isEmpty();
  }

  private static final Pattern HOW_MANY =
      Pattern.compile(
          "^(?:\\d|one|two|three)\\s+(?:easy\\s+)?(?=(?:restart|tag|bridge)s?\\b)", CASE);

  private void take(SheetLine line, String said) {
    String text = HOW_MANY.matcher(said).replaceFirst("");
    if (isHead() && facts.hasTitle() && takeParagraph(text)) {
      return;
    }
    if (isHead() && !beginsSteps(line, text)) {
      head(line, text);
    } else if (!takeWalls(line, text) && !takeHeading(line, text) && !takeSteps(line, text)) {
      takeOther(line, text);
    }
  }

  /**
   * A paragraph of steps without counts is a section of its own. Where its first line and the rest
   * have a section's counts each, the first is its title.
   */
  private boolean takeParagraph(String text) {
    if (!afterBlank || CountColumn.leads(text) || facts.isFact(text)) {
      return false;
    }
    int end = at;
    int counts = 0;
    while (end < lines.size() && !lines.get(end).isEmpty()) {
      LineReadings readings =
          LineReadings.of(List.of(), LineEnds.without(lines.get(end).text()), book);
      if (!readings.isWhole()
          || CountColumn.leads(lines.get(end).text())
          || SaidReader.isAboutWalls(lines.get(end).text())) {
        return false;
      }
      counts += readings.wholeCounts();
      end++;
    }
    int first = LineReadings.of(List.of(), LineEnds.without(text), book).wholeCounts();
    int wanted = facts.sectionCounts();
    boolean titled = end > at + 1 && counts - first == wanted;
    if (!titled && counts != wanted) {
      return false;
    }
    SheetLine heading = lines.get(at);
    blocks.add(
        new OpenBlock(
            Optional.empty(),
            part,
            "",
            titled ? LineEnds.without(text) : "",
            titled ? heading.number() : 0,
            0,
            false,
            titled));
    for (int i = at; i < end; i++) {
      SheetLine line = lines.get(i);
      boolean title = titled && i == at;
      role(line, title ? LineRole.HEADING : LineRole.STEPS);
      if (!title) {
        blocks
            .getLast()
            .add(new DraftLine(List.of(line.number()), List.of(), line.text(), Optional.empty()));
      }
    }
    at = end - 1;
    return true;
  }

  // The head of a sheet.

  private boolean beginsSteps(SheetLine line, String text) {
    Optional<Heading> heading = heading(line, text);
    if (heading.isPresent()) {
      return !(heading.get() instanceof Heading.OfExtra)
          || (SaidReader.isAboutWalls(text) && stepsFollow());
    }
    List<CountColumn.Counted> counted = CountColumn.of(text, 1);
    return !counted.isEmpty()
        && counted.getFirst().counts().getFirst().number() <= 1
        && (counted.getFirst().words().isEmpty()
            ? stepsFollow()
            : speaksOfSteps(counted.getFirst().words()));
  }

  private boolean stepsFollow() {
    return next(at + 1).map(next -> speaksOfSteps(next.text())).orElse(false);
  }

  private void head(SheetLine line, String text) {
    if (facts.hasTitle() && SaidReader.isAboutWalls(text) && takeWalls(line, text)) {
      return;
    }
    boolean ofExceptions = EXCEPTION.matcher(text).find() && !SaidReader.saysNone(text);
    if (facts.hasTitle() && ofExceptions && !WallWords.walls(text).isEmpty()) {
      role(line, LineRole.UNREAD);
      return;
    }
    role(
        line,
        switch (facts.take(text)) {
          case WHOLE -> LineRole.FACT;
          case NOTE -> LineRole.REMARK;
          case NEAR_LEVEL -> LineRole.NEAR_LEVEL;
        });
  }

  // Headings.

  private Optional<SheetLine> next(int from) {
    for (int i = from; i < lines.size(); i++) {
      if (!lines.get(i).isEmpty()) {
        return Optional.of(lines.get(i));
      }
    }
    return Optional.empty();
  }

  private Optional<Heading> heading(SheetLine line, String text) {
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
        && next(at + 1).map(next -> CountColumn.leads(next.text())).orElse(false)) {
      return Optional.of(new Heading.OfSection(Optional.empty(), text));
    }
    return heading;
  }

  private static final Pattern LISTED = Pattern.compile("^(\\d{1,2})[.)]\\s+(\\D.*)$");

  /** "2. Vine, sway": a heading where the counts below begin anew, and not with the next number. */
  private Optional<Heading> listed(String text) {
    Matcher listed = LISTED.matcher(text);
    if (!listed.matches()) {
      return Optional.empty();
    }
    int number = Integer.parseInt(listed.group(1));
    long sections = blocks.stream().filter(OpenBlock::isSection).count();
    boolean begins =
        next(at + 1)
            .map(next -> CountColumn.of(next.text(), 1))
            .filter(counted -> !counted.isEmpty())
            .map(counted -> counted.getFirst().counts().getFirst().number())
            .filter(first -> first <= 1 || first == (number - 1) * facts.sectionCounts() + 1)
            .isPresent();
    return number == sections + 1 && begins
        ? Optional.of(new Heading.OfSection(Optional.empty(), listed.group(2)))
        : Optional.empty();
  }

  /** A line of words right above counts that begin anew, where no steps are missing above it. */
  private boolean isTitleOfSteps(SheetLine line, String text) {
    int index = lines.indexOf(line);
    if (index + 1 >= lines.size() || CountColumn.leads(text) || SaidReader.isAboutWalls(text)) {
      return false;
    }
    List<CountColumn.Counted> next = CountColumn.of(lines.get(index + 1).text(), 1);
    if (next.isEmpty() || next.getFirst().counts().getFirst().number() > 1) {
      return false;
    }
    if (isHead()) {
      return facts.hasTitle() && !facts.isFact(text) && (isCapitals(text) || speaksOfSteps(text));
    }
    OpenBlock open = blocks.getLast();
    return open.isFull(facts.sectionCounts())
        && (afterBlank || !open.goesOn(text, this::isContinued))
        && !CountColumn.of(text, open.expected()).stream().findFirst().isPresent();
  }

  /** Whether a heading is counts and words alone, as a line of steps is. */
  private static boolean isBare(String text, Heading.OfSection heading) {
    return heading.range().isPresent() && !heading.title().isEmpty() && CountColumn.leads(text);
  }

  private boolean isAboveItsLines(Heading.OfSection heading, SheetLine line) {
    Heading.Range range = heading.range().orElseThrow();
    Optional<SheetLine> next = next(lines.indexOf(line) + 1);
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

  private boolean takeHeading(SheetLine line, String text) {
    Optional<Heading> heading = heading(line, text);
    if (heading.isEmpty()) {
      return false;
    }
    switch (heading.get()) {
      case Heading.OfPart it -> {
        part = it.name();
        role(line, LineRole.HEADING);
        if (CountColumn.leads(it.rest()) || Heading.of(it.rest()).isPresent()) {
          take(line, it.rest());
        }
      }
      case Heading.OfSection it -> section(line, it);
      case Heading.OfExtra it -> extra(line, it);
    }
    return true;
  }

  private void section(SheetLine line, Heading.OfSection heading) {
    boolean steps = CountColumn.leads(heading.title()) && heading.range().isEmpty();
    int start = heading.range().map(range -> range.from() - 1).orElse(0);
    boolean six =
        heading
            .range()
            .map(range -> range.length() % 8 != 0 && range.length() % 6 == 0)
            .orElse(false);
    blocks.add(
        new OpenBlock(
            Optional.empty(),
            part,
            "",
            steps ? "" : Capitals.plain(heading.title()),
            line.number(),
            start,
            six,
            true));
    role(line, LineRole.HEADING);
    if (steps) {
      take(line, heading.title());
    }
  }

  private static final Pattern DANCE_IT =
      Pattern.compile(
          "^(.*?)(?:(?<!\\d)[:.;]|[:.;](?!\\d)|,|\\b(?:add|dance|do|is|are)\\b(?:\\s+the following)?[:,]?)\\s*(?=\\S)(.*)$",
          CASE);

  /** "Tag (after wall 2, facing 6): 1-4 Sway R L R L": what it is, where, and its steps. */
  private void extra(SheetLine line, Heading.OfExtra heading) {
    String rest = heading.rest();
    List<Said> told =
        saidReader().read(kindWord(heading.kind()) + " " + heading.name() + " " + rest, danced());
    String steps = "";
    if (!rest.isEmpty()) {
      steps = stepsBehind(rest);
    }
    String where = rest.substring(0, rest.length() - steps.length());
    if (!told.isEmpty() && !steps.isEmpty()) {
      List<Said> shorter =
          saidReader()
              .read(kindWord(heading.kind()) + " " + heading.name() + " " + where, danced());
      told = shorter.isEmpty() ? told : shorter;
    }
    for (Said one : told) {
      said.add(new SheetDraft.SaidAt(line.number(), named(one, heading.name())));
    }
    boolean stepsHere = !steps.isEmpty();
    boolean open = stepsHere || linesFollow();
    boolean vague = told.isEmpty() && SaidReader.isAboutWalls(rest) && !rest.isBlank();
    role(
        line,
        vague
            ? LineRole.UNREAD
            : stepsHere ? LineRole.STEPS : told.isEmpty() ? LineRole.HEADING : LineRole.WALLS);
    if (open) {
      blocks.add(
          new OpenBlock(
              Optional.of(heading.kind()),
              part,
              heading.name(),
              "",
              line.number(),
              0,
              false,
              true));
    }
    if (stepsHere) {
      take(line, steps);
    }
  }

  private String stepsBehind(String rest) {
    Matcher told = DANCE_IT.matcher(rest);
    int from = 0;
    while (from < rest.length()) {
      told.region(from, rest.length());
      if (!told.find()) {
        return CountColumn.leads(rest) ? rest : "";
      }
      String steps = told.group(2).strip();
      if (looksLikeSteps(steps)) {
        return rest.substring(rest.length() - told.group(2).length());
      }
      from = Math.max(told.start(2), from + 1);
    }
    return "";
  }

  private boolean looksLikeSteps(String text) {
    List<CountColumn.Counted> counted = CountColumn.of(text, 1);
    String words = counted.isEmpty() ? text : counted.getFirst().words();
    return !words.isEmpty()
        && !SaidReader.isAboutWalls(words)
        && LineReadings.of(List.of(), words, book).isWhole();
  }

  private boolean linesFollow() {
    return next(at + 1)
        .map(next -> CountColumn.leads(next.text()) || looksLikeSteps(next.text()))
        .orElse(false);
  }

  private static String kindWord(ExtraKind kind) {
    return kind.word();
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

  // What is said of walls.

  private SaidReader saidReader() {
    return new SaidReader(facts.sectionCounts());
  }

  /** Counts of the wall that are danced up to here. */
  private int danced() {
    int counts = 0;
    for (OpenBlock block : blocks) {
      if (block.isSection()) {
        counts += block.counts(facts.sectionCounts());
      }
    }
    return counts;
  }

  private boolean takeWalls(SheetLine line, String text) {
    if (!SaidReader.isAboutWalls(text) || CountColumn.leads(text)) {
      return false;
    }
    if (SaidReader.saysNone(text)) {
      role(line, LineRole.REMARK);
      facts.note(text);
      return true;
    }
    if (Heading.of(text).filter(Heading.OfExtra.class::isInstance).isPresent()) {
      return false;
    }
    if (Heading.of(text).filter(it -> !(it instanceof Heading.OfExtra)).isPresent()) {
      return false;
    }
    String whole = text;
    int joined = 0;
    List<Said> told = saidReader().read(whole, danced());
    while (told.isEmpty() && joined < 1 && followsOn(at + 1 + joined)) {
      joined++;
      whole = whole + " " + lines.get(at + joined).text();
      told = saidReader().read(whole, danced());
    }
    if (told.isEmpty()) {
      if (isHead()) {
        return false;
      }
      role(line, FAREWELL.matcher(text).matches() ? LineRole.REMARK : LineRole.UNREAD);
      return true;
    }
    for (Said one : told) {
      said.add(new SheetDraft.SaidAt(line.number(), one));
    }
    role(line, LineRole.WALLS);
    for (int i = 1; i <= joined; i++) {
      role(lines.get(at + i), LineRole.WALLS);
    }
    at += joined;
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
    String steps = stepsBehind(text);
    if (!steps.isEmpty() || (linesFollow() && !isHead() && !sectionsFollow())) {
      blocks.add(new OpenBlock(kind, part, name, "", line.number(), 0, false, true));
      if (!steps.isEmpty()) {
        take(line, steps);
      }
    }
  }

  private boolean sectionsFollow() {
    int wanted = facts.sectionCounts();
    int danced =
        blocks.isEmpty() || !blocks.getLast().isSection() ? 0 : blocks.getLast().counts(wanted);
    return danced > 0 && danced < wanted;
  }

  private boolean followsOn(int index) {
    return index < lines.size()
        && !lines.get(index).isEmpty()
        && heading(lines.get(index), lines.get(index).text()).isEmpty()
        && !CountColumn.leads(lines.get(index).text());
  }

  // Steps.

  private boolean takeSteps(SheetLine line, String text) {
    String words = text;
    List<String> options = new ArrayList<>();
    Matcher option = INLINE_OPTION.matcher(words);
    while (option.find()) {
      options.add(option.group(1).strip());
    }
    words = option.replaceAll(" ").strip();
    List<CountColumn.Counted> counted =
        CountColumn.of(words, blocks.isEmpty() ? 1 : blocks.getLast().expected());
    if (counted.isEmpty()) {
      return false;
    }
    role(line, LineRole.STEPS);
    for (CountColumn.Counted one : counted) {
      blockFor(one.counts());
      blocks.getLast().add(draft(line, one.counts(), one.words()));
    }
    options.forEach(it -> blocks.getLast().takeOption(line, it));
    return true;
  }

  private DraftLine draft(SheetLine line, List<Count> counts, String words) {
    String plain = words;
    String walls = wallsWithin(line, words, counts);
    if (!walls.isEmpty()) {
      plain = words.replace(walls, " ").strip();
    }
    return new DraftLine(List.of(line.number()), counts, plain, again(plain));
  }

  private static final Pattern SENTENCE =
      Pattern.compile("[(\\[*]+[^()\\[\\]*]+[)\\]*]+|(?<=[.;])\\s*[^.;]+$|\\*+.*$");

  /** "… touch L (restart here on wall 3)": the part of a line of steps that speaks of walls. */
  private String wallsWithin(SheetLine line, String words, List<Count> counts) {
    Matcher sentence = SENTENCE.matcher(words);
    while (sentence.find()) {
      String one = sentence.group();
      if (SaidReader.isAboutWalls(one) && !WallWords.walls(one).isEmpty()) {
        int danced =
            dancedBefore() + Math.max(0, counts.getLast().number() - startOfCounts(counts));
        List<Said> told = saidReader().read(one, danced);
        if (!told.isEmpty()) {
          told.forEach(it -> said.add(new SheetDraft.SaidAt(line.number(), it)));
          return one;
        }
      }
    }
    return "";
  }

  /** Counts of the sections before the one that stands open. */
  private int dancedBefore() {
    int counts = 0;
    for (OpenBlock block : blocks.subList(0, Math.max(0, blocks.size() - 1))) {
      if (block.isSection()) {
        counts += block.counts(facts.sectionCounts());
      }
    }
    return counts;
  }

  private int startOfCounts(List<Count> counts) {
    OpenBlock open = blocks.getLast();
    return open.base(counts, facts.sectionCounts());
  }

  private static Optional<DraftLine.Again> again(String words) {
    Matcher again = AGAIN.matcher(words);
    if (again.matches()) {
      boolean section = again.group(1) != null;
      int from = Integer.parseInt(again.group(2));
      int to = again.group(3) == null ? from : Integer.parseInt(again.group(3));
      return Optional.of(
          new DraftLine.Again(
              section, from, Math.max(from, to), MIRRORED.matcher(again.group(4)).find()));
    }
    Matcher above = AGAIN_ABOVE.matcher(words);
    return above.matches()
        ? Optional.of(new DraftLine.Again(false, 0, 0, MIRRORED.matcher(above.group(2)).find()))
        : Optional.empty();
  }

  /** The block that counts go into: a new section where they begin anew, or pass its end. */
  private void blockFor(List<Count> counts) {
    if (blocks.isEmpty()) {
      blocks.add(new OpenBlock(Optional.empty(), part, "", "", 0, 0, false, false));
      return;
    }
    OpenBlock open = blocks.getLast();
    if (open.isPast(counts, facts.sectionCounts())) {
      int start = open.nextStart(counts);
      blocks.add(new OpenBlock(Optional.empty(), part, "", "", 0, start, false, false));
    }
  }

  private static final Pattern OPTION_FOR =
      Pattern.compile(
          "^(?:\\(([^)]*)\\))?\\s*,?\\s*(?:for\\s+)?counts?\\s*(\\d{1,3}[\\d&aeAE,\\s–-]*?)"
              + "(?:\\s*(?:of|in)\\s+section\\s*(\\d{1,2}))?\\s*[:,]\\s*(.+)$",
          CASE);

  /** "Option for counts 5-8 of section 2: …", or of the line above where nothing else is said. */
  private boolean takeOption(SheetLine line, String words) {
    OpenBlock open = blocks.getLast();
    Matcher other = OPTION_FOR.matcher(words);
    if (!other.matches()) {
      if (!open.takeOption(line, words)) {
        return false;
      }
      role(line, LineRole.STEPS);
      return true;
    }
    List<OpenBlock> sections = blocks.stream().filter(OpenBlock::isSection).toList();
    int number = other.group(3) == null ? sections.size() : Integer.parseInt(other.group(3));
    Optional<LeadingCounts> counts = LeadingCounts.of(other.group(2).strip());
    if (counts.isEmpty() || number < 1 || number > sections.size()) {
      role(line, LineRole.UNREAD);
      return true;
    }
    String name = other.group(1) == null ? "" : other.group(1);
    sections
        .get(number - 1)
        .add(
            new DraftOption(
                line.number(), name, counts.get().counts(), true, other.group(4).strip()));
    role(line, LineRole.STEPS);
    return true;
  }

  private void takeOther(SheetLine line, String text) {
    OpenBlock open = blocks.getLast();
    if (open.isUncounted() && takeParagraph(text)) {
      return;
    }
    Matcher option = OPTION.matcher(text);
    if (option.matches() && takeOption(line, option.group(1).strip())) {
      return;
    }
    Optional<DraftLine.Again> again = again(text);
    boolean whole = FAREWELL.matcher(text).matches();
    if (again.isPresent() && open.isEmpty() && again.get().from() > 0) {
      open.add(new DraftLine(List.of(line.number()), List.of(), text, again));
      role(line, LineRole.STEPS);
    } else if (whole) {
      role(line, LineRole.REMARK);
    } else if (open.isWaiting() || (!afterBlank && open.goesOn(text, this::isContinued))) {
      open.join(line, text);
      role(line, LineRole.STEPS);
    } else if ((open.isUncounted() || open.isEmpty()) && speaksOfSteps(text)) {
      open.add(new DraftLine(List.of(line.number()), List.of(), text, Optional.empty()));
      role(line, LineRole.STEPS);
    } else {
      role(line, speaksOfSteps(text) ? LineRole.UNREAD : LineRole.REMARK);
    }
  }

  private boolean speaksOfSteps(String text) {
    return STEP_WORD.matcher(text).find() || LineReadings.of(List.of(), text, book).isWhole();
  }

  /** Whether the steps of a line go on in the next. */
  private boolean isContinued(DraftLine before, String next) {
    if (CONTINUES.matcher(before.words()).find() || Character.isLowerCase(next.charAt(0))) {
      return true;
    }
    if (before.again().isPresent() || !speaksOfSteps(next) || before.counts().isEmpty()) {
      return false;
    }
    return !fills(before.counts(), before.words())
        && fills(before.counts(), before.words().toLowerCase(Locale.ROOT) + ", " + next);
  }

  private boolean fills(List<Count> counts, String words) {
    LineReadings readings = LineReadings.of(counts, words, book);
    int most = counts.size();
    return readings.isWhole()
        && readings.lines().getFirst().items().stream()
                .mapToInt(item ->
                    item.figure().danced(item.direction()).getFirst().places()
                        * item.times()
                        * Math.max(1, item.feet().size()))
                .sum()
            >= most;
  }
}
