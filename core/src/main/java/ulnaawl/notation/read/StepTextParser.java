package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lombok.RequiredArgsConstructor;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.Block;
import ulnaawl.notation.Block.ExtraKind;
import ulnaawl.notation.Block.OptionKind;
import ulnaawl.notation.Comment;
import ulnaawl.notation.Limits;
import ulnaawl.notation.Script;
import ulnaawl.notation.StepLine;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.text.SourceSpan;
import ulnaawl.text.SourceText;

/**
 * Reads step text into a {@link Script}. Whatever a person typed, it never throws: what is not
 * understood becomes a diagnostic, and the rest is read.
 */
@RequiredArgsConstructor
public final class StepTextParser {

  private static final int CASE = Pattern.CASE_INSENSITIVE;
  private static final Pattern SECTION =
      Pattern.compile("section(?:\\s+(\\d+))?\\s*(?::\\s*(.*))?", CASE);
  private static final Pattern PART = Pattern.compile("part\\s+([^\\s:]+)\\s*:?", CASE);
  private static final Pattern EXTRA =
      Pattern.compile("(tag|bridge|ending)\\s+([^:]+?)\\s*:?", CASE);
  private static final Pattern OPTION =
      Pattern.compile(
          "^option\\s++(\\S+(?:\\s++\\S+)*?)\\s++for\\s+section\\s+(\\d{1,3})"
              + "(?:\\s*,\\s*counts?\\s+(\\d{1,3})(?:\\s*[-–]\\s*(\\d{1,3}))?)?"
              + "\\s*:\\s*(easier|showier|ours)",
          CASE);

  private static final Pattern PHRASING = Pattern.compile("phrasing\\s*:?", CASE);
  private static final Pattern HEADER = Pattern.compile("^([A-Za-z]++)\\s*+:\\s*+(.*)");

  private final FigureBook book;

  /** Reads a text; an over-long one gives one diagnostic and an empty script. */
  public Parsed parse(String text) {
    if (text.length() > Limits.TEXT) {
      Script empty =
          new Script(
              new HeaderReader(new Findings()).headers(),
              List.of(),
              List.of(),
              List.of(),
              SourceSpan.at(0));
      return new Parsed(
          empty,
          List.of(
              Diagnostic.of(
                  Code.TOO_LONG,
                  SourceSpan.at(0),
                  "The text has "
                      + text.length()
                      + " characters; a dance is read up to "
                      + Limits.TEXT
                      + ". Is this the right file?")));
    }
    return new Run(SourceText.of(text)).parse();
  }

  private enum Place {
    HEADERS,
    BLOCK,
    PHRASING
  }

  @RequiredArgsConstructor
  private final class Run {
    private final SourceText source;
    private final Findings findings = new Findings();
    private final HeaderReader headers = new HeaderReader(findings);
    private final StepLineReader stepLines = new StepLineReader(book, findings);
    private final PhrasingReader phrasing = new PhrasingReader(stepLines, findings);
    private final BlockCollector blocks = new BlockCollector(findings);
    private final List<Comment> comments = new ArrayList<>();
    private Place place = Place.HEADERS;
    private String part = Block.ONLY_PART;
    private int sections;

    Parsed parse() {
      for (int number = 1; number <= source.lineCount() && !blocks.isFull(); number++) {
        Line line = clean(number);
        if (line.text().length() > Limits.LINE) {
          findings.add(
              Diagnostic.of(
                  Code.LINE_TOO_LONG,
                  line.span(),
                  "This line has "
                      + line.text().length()
                      + " characters; a line is read up to "
                      + Limits.LINE
                      + ". Write a line for every few counts."));
        } else if (!line.isEmpty()) {
          take(line);
        }
      }
      blocks.close();
      if (blocks.all().stream().noneMatch(Block.SectionBlock.class::isInstance)) {
        findings.add(
            Diagnostic.of(
                Code.NO_SECTIONS,
                SourceSpan.at(0),
                "There are no steps yet. Write 'section 1', and below it a line such as: 1-4  vine "
                    + "R, touch L"));
      }
      if (!headers.hasTitle()) {
        findings.add(
            Diagnostic.of(
                Code.NO_TITLE,
                SourceSpan.at(0),
                "The dance has no title; begin with 'title: …'.",
                new Mend("Add a title line", SourceSpan.at(0), "title: Untitled\n")));
      }
      return new Parsed(
          new Script(
              headers.headers(), blocks.all(), phrasing.phrases(), comments, headers.titleSpan()),
          findings.all());
    }

    private Line clean(int number) {
      String text = source.lineText(number);
      int hash = text.indexOf('#');
      if (hash < 0) {
        return new Line(text, source.startOf(number)).from(0);
      }
      int start = source.startOf(number);
      comments.add(
          new Comment(
              text.substring(hash + 1).strip(),
              text.substring(0, hash).isBlank(),
              new SourceSpan(start + hash, start + text.length())));
      return new Line(text.substring(0, hash), start).from(0);
    }

    private void take(Line line) {
      if (CountsReader.startsCounts(line.text())) {
        takeSteps(line);
      } else if (!takeHeading(line)) {
        if (place == Place.PHRASING) {
          phrasing.take(line);
        } else {
          takeHeader(line);
        }
      }
    }

    private void takeSteps(Line line) {
      if (blocks.hasRoom(line)) {
        blocks.add(stepLines.read(line), line);
      }
    }

    private boolean takeHeading(Line line) {
      return switch (line.firstWord()) {
        case "section" -> takeSection(line, SECTION.matcher(line.text()));
        case "part" -> takePart(PART.matcher(line.text()));
        case "tag", "bridge", "ending" -> takeExtra(line, EXTRA.matcher(line.text()));
        case "option" -> takeOption(line, OPTION.matcher(line.text()));
        case "phrasing" -> takePhrasing(PHRASING.matcher(line.text()));
        default -> false;
      };
    }

    private boolean takeSection(Line line, Matcher section) {
      if (!section.matches()) {
        return false;
      }
      blocks.close();
      sections++;
      sayIfNumberedWrongly(line, section);
      String title = section.group(2) == null ? "" : section.group(2).strip();
      String inPart = part;
      begin(lines -> new Block.SectionBlock(inPart, title, line.span(), lines));
      return true;
    }

    private boolean takePart(Matcher named) {
      if (!named.matches()) {
        return false;
      }
      blocks.close();
      part = named.group(1).toUpperCase(Locale.ROOT);
      place = Place.BLOCK;
      return true;
    }

    private boolean takeExtra(Line line, Matcher extra) {
      if (!extra.matches()) {
        return false;
      }
      blocks.close();
      ExtraKind kind = ExtraKind.valueOf(extra.group(1).toUpperCase(Locale.ROOT));
      String name = extra.group(2).strip();
      begin(lines -> new Block.ExtraBlock(kind, name, line.span(), lines));
      return true;
    }

    private boolean takeOption(Line line, Matcher option) {
      if (!option.matches()) {
        return false;
      }
      blocks.close();
      beginOption(line, option);
      return true;
    }

    private boolean takePhrasing(Matcher heading) {
      if (!heading.matches()) {
        return false;
      }
      blocks.close();
      place = Place.PHRASING;
      return true;
    }

    private void sayIfNumberedWrongly(Line line, Matcher section) {
      String typed = section.group(1);
      if (typed != null && !isNumber(typed, sections)) {
        SourceSpan span = line.span(section.start(1), section.end(1));
        findings.add(
            Diagnostic.of(
                Code.SECTION_NUMBER,
                span,
                "This is section " + sections + " of the dance, not " + typed + ".",
                new Mend("Change to section " + sections, span, String.valueOf(sections))));
      }
    }

    /** Whether digits, however many, are this number. */
    private static boolean isNumber(String digits, int number) {
      return digits.length() < 10 && Integer.parseInt(digits) == number;
    }

    private void beginOption(Line line, Matcher option) {
      String name = option.group(1).strip();
      int ofSection = Integer.parseInt(option.group(2));
      Optional<Integer> from = Optional.ofNullable(option.group(3)).map(Integer::valueOf);
      Optional<Integer> to =
          Optional.ofNullable(option.group(4)).map(Integer::valueOf).or(() -> from);
      OptionKind kind = OptionKind.valueOf(option.group(5).toUpperCase(Locale.ROOT));
      begin(lines -> new Block.OptionBlock(name, ofSection, from, to, kind, line.span(), lines));
    }

    private void begin(Function<List<StepLine>, Block> finish) {
      blocks.begin(finish);
      place = Place.BLOCK;
    }

    private void takeHeader(Line line) {
      Matcher header = HEADER.matcher(line.text());
      if (header.matches()) {
        String name = header.group(1).toLowerCase(Locale.ROOT);
        name = name.equals("songs") ? "song" : name.equals("notes") ? "note" : name;
        if (HeaderReader.NAMES.contains(name)) {
          headers.take(name, line.from(header.start(2)));
          return;
        }
      }
      findings.add(
          Diagnostic.of(
              Code.NOT_UNDERSTOOD,
              line.span(),
              place == Place.HEADERS
                  ? "This line is not understood. Above the first section stand headers: "
                      + String.join(", ", HeaderReader.NAMES)
                      + "; begin a remark with #."
                  : "This line is not understood. A step line begins with its counts, as in: 1-4  "
                      + "vine R, touch L; begin a remark with #."));
    }
  }
}
