package ulnaawl.dance.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Passage;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.dance.Variation;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Count;
import ulnaawl.notation.write.StepTextFormatter;

/**
 * A dance as the steps that it is, a line for each figure with its counts: so that two versions are
 * compared by what is danced and not by how it was typed. What is no step stands as it is written,
 * tidied.
 */
public final class StepLines {

  private StepLines() {}

  /** The lines of a dance: its head and phrasing, then sections, extras and options. */
  public static List<String> of(Dance dance, FigureBook book) {
    List<String> lines = new ArrayList<>();
    StepTextFormatter.format(dance.script(), book)
        .lines()
        .map(String::strip)
        .filter(line -> !line.isEmpty() && !isSteps(line) && !line.startsWith("section"))
        .forEach(lines::add);
    for (Section section : dance.sections()) {
      String name = "section " + section.number();
      lines.add(section.title().isEmpty() ? name : name + ": " + section.title());
      figures(name, section.places(), lines);
    }
    dance.extras().values().stream()
        .sorted(java.util.Comparator.comparing(Passage::name))
        .forEach(extra -> figures(extra.name(), extra.places(), lines));
    for (Variation variation : dance.variations()) {
      figures("option " + variation.name(), variation.places(), lines);
    }
    return lines;
  }

  private static boolean isSteps(String line) {
    return Character.isDigit(line.charAt(0)) || line.charAt(0) == '&';
  }

  private static void figures(String where, List<Place> places, List<String> lines) {
    Map<Integer, List<Place>> runs = new LinkedHashMap<>();
    places.forEach(it -> runs.computeIfAbsent(it.run(), _ -> new ArrayList<>()).add(it));
    for (List<Place> figure : runs.values()) {
      Count first = figure.getFirst().count();
      Count last = figure.getLast().count();
      String counts = first.equals(last) ? label(first) : label(first) + " to " + label(last);
      String words = figure.getFirst().call().words();
      String note = figure.getFirst().note();
      lines.add(
          where
              + ", "
              + counts
              + ": "
              + (words.isBlank() ? figure.getFirst().description() : words)
              + (note.isEmpty() ? "" : " (" + note + ")"));
    }
  }

  private static String label(Count count) {
    return count.label();
  }
}
