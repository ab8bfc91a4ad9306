package ulnaawl.sheet.layout;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import ulnaawl.music.Count;
import ulnaawl.notation.Item;
import ulnaawl.notation.read.LineReadings;

/** Takes lines of steps with their counts, and what else stands on them. */
@RequiredArgsConstructor
final class StepLines {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
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
          "^(?:(?:the\\s+)?same(?:\\s+again)?|again|repeat\\s+(?:the\\s+)?(?:above|last|previous|first)?"
              + "\\s*(?:\\d|four|eight|two)?\\s*(?:counts?|steps)?\\s*(?:above)?)\\b(.*)$",
          CASE);
  private static final Pattern BRACKETS = Pattern.compile("[\\[\\]{}!]");
  private static final Pattern MIRRORED =
      Pattern.compile("\\b(?:left|right|other|opposite|mirror(?:ed|ing)?|reverse)\\b", CASE);
  private static final Pattern CONTINUES =
      Pattern.compile("(?:[,&+/]|\\b(?:and|with|the|to|on|then|left|right|turn|\\d/\\d))$", CASE);
  private static final Pattern SENTENCE =
      Pattern.compile("[(\\[*]+[^()\\[\\]*]+[)\\]*]+|(?<=[.;])\\s*[^.;]+$|\\*+.*$");

  private final Desk desk;

  /** Takes a line with counts; false where it has none. */
  boolean take(SheetLine line, String text) {
    String words = text;
    List<String> options = new ArrayList<>();
    Matcher option = INLINE_OPTION.matcher(words);
    while (option.find()) {
      options.add(option.group(1).strip());
    }
    words = option.replaceAll(" ").strip();
    List<CountColumn.Counted> counted =
        CountColumn.of(words, desk.blocks.isEmpty() ? 1 : desk.blocks.getLast().expected());
    if (counted.isEmpty()) {
      return false;
    }
    desk.role(line, LineRole.STEPS);
    for (CountColumn.Counted one : counted) {
      blockFor(one.counts());
      OpenBlock open = desk.blocks.getLast();
      if (!open.isEmpty() && belongsTo(open.last(), one)) {
        open.join(line, one.counts(), one.words());
      } else {
        open.add(draft(line, one.counts(), one.words()));
      }
    }
    options.forEach(it -> desk.blocks.getLast().takeOption(line, it));
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

  /** "… touch L (restart here on wall 3)": the part of a line of steps that speaks of walls. */
  private String wallsWithin(SheetLine line, String words, List<Count> counts) {
    Matcher sentence = SENTENCE.matcher(words);
    while (sentence.find()) {
      String one = sentence.group();
      if (SaidReader.isAboutWalls(one) && !WallWords.walls(one).isEmpty()) {
        int danced =
            desk.dancedBefore() + Math.max(0, counts.getLast().number() - startOfCounts(counts));
        List<Said> told = desk.saidReader().read(one, danced);
        if (!told.isEmpty()) {
          told.forEach(it ->
              desk.said.add(
                  new SheetDraft.SaidAt(line.number(), it, SaidReader.saysMore(one, it))));
          return one;
        }
      }
    }
    return "";
  }

  private int startOfCounts(List<Count> counts) {
    OpenBlock open = desk.blocks.getLast();
    return open.base(counts, desk.facts.sectionCounts());
  }

  /** What a line repeats, where it only says so. */
  static Optional<DraftLine.Again> again(String words) {
    String plain = BRACKETS.matcher(words).replaceAll(" ").strip();
    Matcher again = AGAIN.matcher(plain);
    if (again.matches()) {
      boolean section = again.group(1) != null;
      int from = Integer.parseInt(again.group(2));
      int to = again.group(3) == null ? from : Integer.parseInt(again.group(3));
      return Optional.of(
          new DraftLine.Again(
              section, from, Math.max(from, to), MIRRORED.matcher(again.group(4)).find()));
    }
    Matcher above = AGAIN_ABOVE.matcher(plain);
    return above.matches()
        ? Optional.of(new DraftLine.Again(false, 0, 0, MIRRORED.matcher(above.group(1)).find()))
        : Optional.empty();
  }

  /** The block that counts go into: a new section where they begin anew, or pass its end. */
  private void blockFor(List<Count> counts) {
    if (desk.blocks.isEmpty()) {
      desk.blocks.add(new OpenBlock(Optional.empty(), desk.part, "", "", 0, 0, false, false));
      return;
    }
    OpenBlock open = desk.blocks.getLast();
    if (open.isPast(counts, desk.facts.sectionCounts())) {
      int start = open.nextStart(counts);
      desk.blocks.add(new OpenBlock(Optional.empty(), desk.part, "", "", 0, start, false, false));
    }
  }

  /** Whether the steps of a line go on in the next. */
  boolean isContinued(DraftLine before, String next) {
    if (CONTINUES.matcher(before.words()).find() || Character.isLowerCase(next.charAt(0))) {
      return true;
    }
    if (before.again().isPresent() || !desk.speaksOfSteps(next) || before.counts().isEmpty()) {
      return false;
    }
    return !fills(before.counts(), before.words())
        && fills(before.counts(), before.words().toLowerCase(Locale.ROOT) + ", " + next);
  }

  /** "1 Rock forward on R", "2 Recover on L": a figure that goes on in the next line's counts. */
  private boolean belongsTo(DraftLine before, CountColumn.Counted next) {
    if (before.again().isPresent() || before.counts().isEmpty() || next.words().isEmpty()) {
      return false;
    }
    List<Count> counts = new ArrayList<>(before.counts());
    counts.addAll(next.counts());
    return places(before.counts(), before.words()) > before.counts().size()
        && places(counts, before.words() + ", " + next.words()) == counts.size();
  }

  /** Places that words usually have; 0 where they are not understood. */
  private int places(List<Count> counts, String words) {
    LineReadings readings = LineReadings.of(counts, words, desk.book);
    return readings.isWhole()
        ? readings.lines().getFirst().items().stream().mapToInt(Item::usualPlaces).sum()
        : 0;
  }

  private boolean fills(List<Count> counts, String words) {
    return places(counts, words) >= counts.size();
  }
}
