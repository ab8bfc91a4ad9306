package ulnaawl.sheet.read;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import ulnaawl.sheet.Doubt;
import ulnaawl.sheet.ReadLine;
import ulnaawl.sheet.layout.SheetLine;

/** Step text while it is put together, with what each line of the sheet became. */
final class SheetText {

  private final List<String> out = new ArrayList<>();
  private final Map<Integer, List<Integer>> links = new HashMap<>();
  private final Map<Integer, List<Doubt>> doubts = new HashMap<>();
  private final Map<Integer, List<ReadLine.OtherReading>> others = new HashMap<>();

  /** Adds a line; its number, from 1. */
  int add(String line, List<Integer> sources) {
    out.add(line);
    int number = out.size();
    sources.forEach(source -> links.computeIfAbsent(source, _ -> new ArrayList<>()).add(number));
    return number;
  }

  void blank() {
    if (!out.isEmpty() && !out.getLast().isEmpty()) {
      out.add("");
    }
  }

  /** Keeps a line of the sheet as a remark. */
  void remark(SheetLine line) {
    add("# " + line.text(), List.of(line.number()));
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
