package ulnaawl.sheet.prose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ulnaawl.dance.Place;
import ulnaawl.dance.compile.LineWalk;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.RelativeFacing;
import ulnaawl.floor.Weight;
import ulnaawl.notation.Item;
import ulnaawl.notation.StepLine;
import ulnaawl.notation.read.LineReadings;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.text.SourceSpan;

/**
 * Spells a step line out. Every sentence is read again before it is taken: where the feet would not
 * be the same, the figure keeps its name.
 */
final class LineProse {

  private final StepLine line;
  private final List<Place> places;
  private final Weight weight;
  private final RelativeFacing facing;
  private final FigureBook book;

  /**
   * Of a line that is danced.
   *
   * @param places of the line, in order of time
   */
  LineProse(StepLine line, List<Place> places, RelativeFacing facing, FigureBook book) {
    this.line = line;
    this.places = places;
    this.weight = places.getFirst().before();
    this.facing = facing;
    this.book = book;
  }

  /** The words of the line, without its counts. */
  String words() {
    List<String> named = new ArrayList<>();
    List<Optional<String>> spelled = new ArrayList<>();
    for (Item item : line.items()) {
      named.add(inWords(StepTextFormatter.items(List.of(item), book)));
      spelled.add(spelled(item));
    }
    List<String> words = new ArrayList<>(named);
    for (int i = 0; i < named.size(); i++) {
      if (spelled.get(i).isPresent()) {
        List<String> tried = new ArrayList<>(named);
        tried.set(i, spelled.get(i).get());
        if (isSame(tried)) {
          words.set(i, spelled.get(i).get());
        }
      }
    }
    String all = String.join(", ", isSame(words) ? words : named);
    return all.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + all.substring(1);
  }

  private static String inWords(String item) {
    return item.replaceAll("\\bR\\b", "right").replaceAll("\\bL\\b", "left");
  }

  private Optional<String> spelled(Item item) {
    List<Place> own = of(item.span());
    List<Optional<String>> steps = own.stream().map(StepSentence::of).toList();
    boolean plain = item.ends().isEmpty() && !steps.isEmpty();
    if (!plain || steps.stream().anyMatch(Optional::isEmpty)) {
      return Optional.empty();
    }
    String note = item.note().isEmpty() ? "" : " (" + item.note() + ")";
    return Optional.of(
        steps.stream().map(Optional::orElseThrow).collect(Collectors.joining(", ")) + note);
  }

  private List<Place> of(SourceSpan span) {
    return places.stream().filter(place -> place.span().equals(span)).toList();
  }

  private boolean isSame(List<String> words) {
    LineReadings readings = LineReadings.of(line.counts(), String.join(", ", words), book);
    if (!readings.isWhole() || readings.lines().size() > 1) {
      return false;
    }
    LineWalk walk = LineWalk.of(readings.lines().getFirst(), weight, facing, book);
    return walk.diagnostics().isEmpty() && Place.areDancedLike(walk.places(), places);
  }
}
