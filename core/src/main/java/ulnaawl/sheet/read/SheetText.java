package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.read.Parsed;
import ulnaawl.notation.read.StepTextParser;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.sheet.Doubt;
import ulnaawl.sheet.ReadLine;
import ulnaawl.sheet.layout.SheetLine;
import ulnaawl.text.Diagnostic;

/** Step text while it is put together, with what each line of the sheet became. */
final class SheetText {

  private final List<String> out = new ArrayList<>();
  private final List<Remark> remarks = new ArrayList<>();
  private boolean blank;
  private final Map<Integer, List<Integer>> links = new HashMap<>();
  private final Map<Integer, List<Doubt>> doubts = new HashMap<>();
  private final Map<Integer, List<ReadLine.OtherReading>> others = new HashMap<>();

  /** Adds a line; its number, from 1. */
  int add(String line, List<Integer> sources) {
    if (blank && !out.isEmpty()) {
      out.add("");
    }
    blank = false;
    remarks.forEach(this::put);
    remarks.clear();
    return put(new Remark(line, sources));
  }

  private int put(Remark line) {
    out.add(line.text());
    int number = out.size();
    line.sources()
        .forEach(source -> links.computeIfAbsent(source, _ -> new ArrayList<>()).add(number));
    return number;
  }

  /** Leaves a line empty before what comes next. */
  void blank() {
    blank = true;
  }

  /** A line that says nothing to dance; it stands above the next one that does. */
  private record Remark(String text, List<Integer> sources) {}

  /** Keeps a line of the sheet as a remark. */
  void remark(SheetLine line) {
    remark(line.text(), line.number());
  }

  void remark(String words, int source) {
    remarks.add(new Remark("# " + words.replace('#', ' ').strip(), List.of(source)));
  }

  /** Ends the text and tidies it, line by line. */
  void close(FigureBook book) {
    remarks.forEach(this::put);
    remarks.clear();
    Parsed parsed = new StepTextParser(book).parse(text());
    if (parsed.diagnostics().stream().noneMatch(Diagnostic::isError)) {
      List<String> tidy = StepTextFormatter.format(parsed.script(), book).lines().toList();
      if (tidy.size() == out.size()) {
        out.clear();
        out.addAll(tidy);
      }
    }
  }

  void doubt(int source, Doubt doubt) {
    List<Doubt> own = doubts.computeIfAbsent(source, _ -> new ArrayList<>());
    if (!own.contains(doubt)) {
      own.add(doubt);
    }
  }

  void other(int source, int stepLine, String line) {
    others
        .computeIfAbsent(source, _ -> new ArrayList<>())
        .add(new ReadLine.OtherReading(stepLine, line));
  }

  /** Lines of the sheet that became a line of the step text. */
  List<Integer> sourcesOf(int stepLine) {
    return links.entrySet().stream()
        .filter(entry -> entry.getValue().contains(stepLine))
        .map(Map.Entry::getKey)
        .sorted()
        .toList();
  }

  String text() {
    return String.join("\n", out) + "\n";
  }

  ReadLine of(SheetLine line) {
    return new ReadLine(
        line.number(),
        line.written().replace("\f", ""),
        line.isEmpty(),
        links.getOrDefault(line.number(), List.of()),
        doubts.getOrDefault(line.number(), List.of()),
        others.getOrDefault(line.number(), List.of()));
  }
}
