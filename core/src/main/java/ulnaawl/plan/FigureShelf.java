package ulnaawl.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Level;
import ulnaawl.learning.RestsOn;
import ulnaawl.learning.Vocabulary;
import ulnaawl.learning.Vocabulary.Known;

/**
 * The figures of a family as a group has them: what it has met, and what it has not met yet of its
 * own level and the next one. Single steps are nobody's news.
 *
 * @param family as the figure book calls it
 * @param figures the easiest first
 */
public record FigureShelf(String family, List<Entry> figures) {

  public FigureShelf {
    figures = List.copyOf(figures);
  }

  /**
   * A figure.
   *
   * @param call the club's word
   * @param known how well it is known, and from where; empty where it was not met yet
   * @param missing what it rests on and was not met either
   */
  public record Entry(String call, Level level, Optional<Known> known, List<RestsOn> missing) {
    public Entry {
      missing = List.copyOf(missing);
    }
  }

  /** All families that have something to show, in the order of the figure book. */
  public static List<FigureShelf> of(FigureBook book, Vocabulary vocabulary, Level group) {
    Map<String, Known> known =
        vocabulary.figures().stream().collect(Collectors.toMap(Known::figure, Function.identity()));
    Set<String> met = vocabulary.names();
    Map<String, List<Entry>> families = new LinkedHashMap<>();
    for (Figure figure : book.figures()) {
      boolean isMet = met.contains(figure.name());
      boolean isNext = !figure.isElementary() && figure.level().above(group) <= 1;
      if (!figure.isElementary() && (isMet || isNext)) {
        families
            .computeIfAbsent(figure.family(), _ -> new ArrayList<>())
            .add(
                new Entry(
                    figure.call(),
                    figure.level(),
                    Optional.ofNullable(known.get(figure.name())),
                    isMet ? List.of() : RestsOn.missing(figure.name(), met)));
      }
    }
    return families.entrySet().stream()
        .map(it ->
            new FigureShelf(
                it.getKey(),
                it.getValue().stream()
                    .sorted(Comparator.comparing(Entry::level).thenComparing(Entry::call))
                    .toList()))
        .toList();
  }
}
