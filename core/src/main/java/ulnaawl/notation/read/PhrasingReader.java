package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import ulnaawl.floor.Facing;
import ulnaawl.notation.Limits;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Stated;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.SourceSpan;

/** Reads the lines below {@code phrasing}. */
@RequiredArgsConstructor
final class PhrasingReader {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final String WALLS = "walls?\\s+(\\d+(?:\\s*(?:,|and|&)\\s*\\d+)*)\\s*:\\s*";
  private static final String FACING = "(?:\\s+facing\\s+(\\S+?))?";
  private static final Pattern TAG =
      Pattern.compile("(after|before)\\s+" + WALLS + "tag\\s+(.+?)(\\s+optional)?" + FACING, CASE);
  private static final Pattern RESTART =
      Pattern.compile(
          WALLS
              + "restart\\s+after\\s+(\\d+)(?:\\s+counts?)?(\\s+optional)?"
              + FACING
              + "(?:\\s+changing\\s+([^:]+):\\s*(.+))?",
          CASE);
  private static final Pattern START =
      Pattern.compile(WALLS + "starts?\\s+(?:facing\\s+|at\\s+)?(\\S+)", CASE);
  private static final Pattern BRIDGE =
      Pattern.compile(WALLS + "bridge\\s+(.+?)\\s+after\\s+(\\d+)", CASE);
  private static final Pattern REPEAT =
      Pattern.compile(
          WALLS
              + "repeat\\s+sections?\\s+(\\d+)(?:\\s*(?:-|–|to|and|&|,)\\s*(\\d+))?"
              + "(?:\\s*[x×]\\s*(\\d+))?",
          CASE);
  private static final Pattern ENDING =
      Pattern.compile(WALLS + "ending\\s+after\\s+(\\d+)\\s*:\\s*(.+)", CASE);
  private static final Pattern ORDER = Pattern.compile("order\\s*:\\s*(.+)", CASE);
  private static final Pattern DIGITS = Pattern.compile("\\d+");

  private final StepLineReader stepLines;
  private final Findings findings;
  private final List<Phrase> phrases = new ArrayList<>();

  List<Phrase> phrases() {
    return phrases;
  }

  void take(Line line) {
    if (phrases.size() >= Limits.PHRASES) {
      if (!findings.isFull()) {
        findings.add(
            Diagnostic.of(
                Code.TOO_MANY_PHRASES,
                line.span(),
                "The phrasing has up to "
                    + Limits.PHRASES
                    + " lines; this one is not read. One line may name several walls."));
      }
      return;
    }
    String text = line.text();
    Matcher tag = TAG.matcher(text);
    Matcher restart = RESTART.matcher(text);
    Matcher start = START.matcher(text);
    Matcher bridge = BRIDGE.matcher(text);
    Matcher repeat = REPEAT.matcher(text);
    Matcher ending = ENDING.matcher(text);
    Matcher order = ORDER.matcher(text);
    if (tag.matches()) {
      takeTag(line, tag);
    } else if (restart.matches()) {
      takeRestart(line, restart);
    } else if (start.matches()) {
      facing(line, start, 2)
          .ifPresent(facing ->
              phrases.add(new Phrase.StartPhrase(walls(line, start, 1), facing, line.span())));
    } else if (bridge.matches()) {
      phrases.add(
          new Phrase.BridgePhrase(
              walls(line, bridge, 1),
              words(line, bridge, 2),
              number(line, bridge, 3),
              line.span()));
    } else if (repeat.matches()) {
      phrases.add(
          new Phrase.RepeatPhrase(
              walls(line, repeat, 1),
              number(line, repeat, 2),
              number(line, repeat, repeat.group(3) == null ? 2 : 3),
              times(line, repeat),
              line.span()));
    } else if (ending.matches()) {
      for (Stated<Integer> wall : walls(line, ending, 1)) {
        phrases.add(
            new Phrase.EndingPhrase(
                wall, number(line, ending, 2), words(line, ending, 3), line.span()));
      }
    } else if (order.matches()) {
      takeOrder(line, order);
    } else {
      findings.add(
          Diagnostic.of(
              Code.PHRASING,
              line.span(),
              "This line of the phrasing is not understood. Write, for example: after wall 2: tag "
                  + "Lull; wall 5: restart after 16; wall 7: bridge Lull after 16; wall 6: repeat "
                  + "section 4 x2; wall 9: ending after 28: Finish; order: A B A."));
    }
  }

  private void takeTag(Line line, Matcher tag) {
    List<Stated<Integer>> walls = walls(line, tag, 2);
    if (tag.group(1).equalsIgnoreCase("before")) {
      walls =
          walls.stream()
              .filter(wall -> wall.value() > 1)
              .map(wall -> new Stated<>(wall.value() - 1, wall.span()))
              .toList();
      if (walls.isEmpty()) {
        findings.add(
            Diagnostic.of(
                Code.WALL_NUMBER,
                line.span(),
                "Nothing is danced before wall 1; a tag comes after a wall."));
      }
    }
    if (!walls.isEmpty()) {
      phrases.add(
          new Phrase.TagPhrase(
              walls, words(line, tag, 3), tag.group(4) != null, facing(line, tag, 5), line.span()));
    }
  }

  private void takeRestart(Line line, Matcher restart) {
    Optional<StepLine> change = Optional.empty();
    if (restart.group(5) != null) {
      String counts = restart.group(5).strip();
      // The change reads like a step line of its own: counts, two spaces, items.
      int from = restart.start(5);
      String joined = line.text().substring(from).replaceFirst(":", " ");
      if (!counts.isEmpty()
          && CountsReader.startsCounts(counts.toLowerCase(java.util.Locale.ROOT))) {
        change = Optional.of(stepLines.read(new Line(joined, line.start() + from)));
      } else {
        findings.add(
            Diagnostic.of(
                Code.PHRASING,
                line.span(from, restart.end(5)),
                "A step change says its counts: changing 15-16: step R fwd, hold."));
      }
    }
    phrases.add(
        new Phrase.RestartPhrase(
            walls(line, restart, 1),
            number(line, restart, 2),
            facing(line, restart, 4),
            change,
            restart.group(3) != null,
            line.span()));
  }

  private void takeOrder(Line line, Matcher order) {
    List<Stated<String>> names = new ArrayList<>();
    Matcher word = Pattern.compile("[^\\s,]+").matcher(order.group(1));
    while (word.find() && names.size() <= Limits.WALL) {
      int from = order.start(1) + word.start();
      names.add(new Stated<>(word.group(), line.span(from, from + word.group().length())));
    }
    phrases.add(new Phrase.OrderPhrase(names, line.span()));
  }

  private List<Stated<Integer>> walls(Line line, Matcher matcher, int group) {
    List<Stated<Integer>> walls = new ArrayList<>();
    Matcher digits = DIGITS.matcher(matcher.group(group));
    while (digits.find()) {
      int from = matcher.start(group) + digits.start();
      int number = bounded(digits.group());
      if (number < 1 || number > Limits.WALL) {
        findings.add(
            Diagnostic.of(
                Code.WALL_NUMBER,
                line.span(from, from + digits.group().length()),
                "Walls are numbered from 1 to "
                    + Limits.WALL
                    + "; there is no wall "
                    + digits.group()
                    + "."));
      } else {
        walls.add(new Stated<>(number, line.span(from, from + digits.group().length())));
      }
    }
    return walls;
  }

  private int times(Line line, Matcher repeat) {
    if (repeat.group(4) == null) {
      return 2;
    }
    int times = bounded(repeat.group(4));
    if (times < 2 || times > Limits.REPEATS) {
      findings.add(
          Diagnostic.of(
              Code.REPEAT_TIMES,
              line.span(repeat.start(4), repeat.end(4)),
              "A repeated section is danced 2 to " + Limits.REPEATS + " times in all."));
      return 2;
    }
    return times;
  }

  private Optional<Stated<Facing>> facing(Line line, Matcher matcher, int group) {
    if (matcher.group(group) == null) {
      return Optional.empty();
    }
    SourceSpan span = line.span(matcher.start(group), matcher.end(group));
    Optional<Facing> found = Facing.named(matcher.group(group));
    if (found.isEmpty()) {
      findings.add(
          Diagnostic.of(
              Code.FACING,
              span,
              "'"
                  + matcher.group(group)
                  + "' is no facing; facings are 12, 1:30, 3, 4:30, 6, 7:30, 9 and 10:30, on the "
                  + "clock of the room."));
    }
    return found.map(facing -> new Stated<>(facing, span));
  }

  private static Stated<Integer> number(Line line, Matcher matcher, int group) {
    return new Stated<>(
        bounded(matcher.group(group)), line.span(matcher.start(group), matcher.end(group)));
  }

  private static Stated<String> words(Line line, Matcher matcher, int group) {
    return new Stated<>(
        matcher.group(group).strip(), line.span(matcher.start(group), matcher.end(group)));
  }

  /** A number as typed; very long ones become the largest that is read. */
  private static int bounded(String digits) {
    return digits.length() > 6 ? 999_999 : Integer.parseInt(digits);
  }
}
