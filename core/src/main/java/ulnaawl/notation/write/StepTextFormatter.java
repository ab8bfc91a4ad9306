package ulnaawl.notation.write;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Count;
import ulnaawl.notation.Block;
import ulnaawl.notation.Block.ExtraBlock;
import ulnaawl.notation.Block.OptionBlock;
import ulnaawl.notation.Block.SectionBlock;
import ulnaawl.notation.Comment;
import ulnaawl.notation.Item;
import ulnaawl.notation.Phrase;
import ulnaawl.notation.Script;
import ulnaawl.notation.StepLine;
import ulnaawl.text.SourceSpan;

/**
 * Writes a script in its one canonical form: headers in a fixed order, counts in a column, the
 * called name of every figure, a blank line above every heading. What was read without an error is
 * written so that reading it again gives the same script, and writing that the same text.
 */
public final class StepTextFormatter {

  private static final int COLUMN = 7;

  private final Script script;
  private final ItemWriter items;
  private final List<Out> lines = new ArrayList<>();

  private StepTextFormatter(Script script, FigureBook book) {
    this.script = script;
    this.items = new ItemWriter(book);
  }

  /** A line to write; {@code from} is where its source stood, -1 for one that had none. */
  private record Out(int from, String text) {}

  /** The canonical text; the script was read without errors. */
  public static String format(Script script, FigureBook book) {
    return new StepTextFormatter(script, book).write();
  }

  private String write() {
    new HeaderWriter(script).lines().forEach(line -> add(line.span(), line.value()));
    writeBlocks();
    if (!script.phrasing().isEmpty()) {
      blank();
      add(script.phrasing().getFirst().span(), "phrasing");
      PhraseWriter phrases = new PhraseWriter(items);
      for (Phrase phrase : script.phrasing()) {
        add(phrase.span(), phrases.line(phrase));
      }
    }
    return weave();
  }

  private void add(SourceSpan span, String text) {
    lines.add(new Out(span.start(), text));
  }

  private void blank() {
    if (!lines.isEmpty()) {
      lines.add(new Out(-1, ""));
    }
  }

  private void writeBlocks() {
    boolean parts =
        script.blocks().stream()
            .anyMatch(
                block -> block instanceof SectionBlock it && !it.part().equals(Block.ONLY_PART));
    String part = "";
    int number = 0;
    for (Block block : script.blocks()) {
      blank();
      if (block instanceof SectionBlock section) {
        number++;
        if (parts && !section.part().equals(part)) {
          part = section.part();
          add(block.span(), "part " + part);
        }
      }
      add(block.span(), heading(block, number));
      block.lines().forEach(line -> add(line.span(), stepLine(line)));
    }
  }

  private static String heading(Block block, int number) {
    return switch (block) {
      case SectionBlock section ->
          "section " + number + (section.title().isEmpty() ? "" : ": " + section.title());
      case ExtraBlock extra -> extra.kind().word() + " " + extra.name();
      case OptionBlock option ->
          "option "
              + option.name()
              + " for section "
              + option.section()
              + option.from().map(from -> ", counts " + from).orElse("")
              + option
                  .to()
                  .filter(to -> !option.from().equals(option.to()))
                  .map(to -> "-" + to)
                  .orElse("")
              + ": "
              + option.kind().name().toLowerCase(java.util.Locale.ROOT);
    };
  }

  private String stepLine(StepLine line) {
    return line(line.counts(), items.write(line.items()));
  }

  /** A line of the phrasing, with the called names of its figures. */
  public static String phrase(Phrase phrase, FigureBook book) {
    return new PhraseWriter(new ItemWriter(book)).line(phrase);
  }

  /** Items as they are written on a step line. */
  public static String items(List<Item> items, FigureBook book) {
    return new ItemWriter(book).write(items);
  }

  /** Counts as they are written: {@code 1-4}, {@code 1-2&}, {@code 3&4}. */
  public static String counts(List<Count> counts) {
    return CountsWriter.write(counts);
  }

  /** A step line: counts, padded to a column, and items as they stand. */
  public static String line(List<Count> counts, String items) {
    String written = CountsWriter.write(counts);
    return written + " ".repeat(Math.max(2, COLUMN - written.length())) + items;
  }

  /** Puts every remark back: at the end of its line, or above what stood below it. */
  private String weave() {
    List<Out> bySource =
        lines.stream()
            .filter(line -> line.from() >= 0)
            .sorted(Comparator.comparingInt(Out::from))
            .toList();
    StringBuilder[] above = new StringBuilder[lines.size() + 1];
    StringBuilder[] behind = new StringBuilder[lines.size()];
    for (Comment comment : script.comments()) {
      int at = comment.span().start();
      if (comment.ownLine()) {
        Out next = bySource.stream().filter(line -> line.from() > at).findFirst().orElse(null);
        int index = next == null ? lines.size() : lines.indexOf(next);
        above[index] = append(above[index], "# " + comment.text() + "\n");
      } else {
        Out same = bySource.getFirst();
        for (Out line : bySource) {
          same = line.from() <= at ? line : same;
        }
        int index = lines.lastIndexOf(same);
        behind[index] = append(behind[index], "  # " + comment.text());
      }
    }
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < lines.size(); i++) {
      if (above[i] != null) {
        text.append(above[i]);
      }
      text.append(lines.get(i).text());
      if (behind[i] != null) {
        text.append(behind[i]);
      }
      text.append('\n');
    }
    if (above[lines.size()] != null) {
      text.append(above[lines.size()]);
    }
    return text.toString();
  }

  private static StringBuilder append(
      @org.jspecify.annotations.Nullable StringBuilder before, String text) {
    return (before == null ? new StringBuilder() : before).append(text);
  }
}
