package ulnaawl.figure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ulnaawl.text.DataFile;
import ulnaawl.text.WordTree;

/** All figures that the product knows, found by any of their names. */
public final class FigureBook {

  private static final List<String> FILES =
      List.of(
          "actions",
          "single-steps",
          "rocks",
          "travelling",
          "turns",
          "syncopated",
          "heels-and-toes",
          "boxes");

  private final List<Figure> figures;
  private final Map<String, Movement> actions;
  private final Map<String, Figure> byName;
  private final WordTree<Figure> byWords;
  private final Set<String> words;
  private final Map<Movement, List<Way>> ways;

  private FigureBook(List<Figure> figures, Map<String, Movement> actions) {
    this.figures = List.copyOf(figures);
    this.actions = Map.copyOf(actions);
    Map<String, Figure> names = new LinkedHashMap<>();
    for (Figure figure : figures) {
      for (String name : figure.names()) {
        if (names.putIfAbsent(name, figure) != null) {
          throw new FigureBookException(0, "two figures are called '" + name + "'");
        }
      }
    }
    this.byName = Collections.unmodifiableMap(names);
    Map<String, Figure> spoken = new LinkedHashMap<>();
    names.forEach((name, figure) -> spoken.put(name.replace('-', ' '), figure));
    this.byWords = WordTree.of(spoken);
    this.ways = ways(figures);
    this.words =
        spoken.keySet().stream()
            .flatMap(name -> Stream.of(name.split(" ")))
            .collect(Collectors.toUnmodifiableSet());
  }

  /** The book that ships with the product. */
  public static FigureBook standard() {
    return Standard.BOOK;
  }

  /**
   * This book with a club's own figures, written in the book's data format.
   *
   * @throws FigureBookException where the data cannot be read, with its line, or where a name is
   *     taken
   */
  public FigureBook with(String data) {
    List<Figure> all = new ArrayList<>(figures);
    all.addAll(FigureBookReader.read(data, new LinkedHashMap<>(actions)));
    return new FigureBook(all, actions);
  }

  /**
   * This book with the club's own choice among equal names.
   *
   * @param words for a figure, by its canonical name, the name that the club says; what names no
   *     figure, or is none of its names, is left out
   */
  public FigureBook calling(Map<String, String> words) {
    return new FigureBook(
        figures.stream()
            .map(figure -> {
              String word = words.getOrDefault(figure.name(), figure.call());
              return figure.names().contains(word) ? figure.calling(word) : figure;
            })
            .toList(),
        actions);
  }

  /**
   * One way of dancing a figure.
   *
   * @param pattern one of its patterns, or that of a typed direction
   * @param ticks when its places come, in ticks from the first, for each of its rhythms in which
   *     every place has one
   */
  public record Way(Figure figure, Pattern pattern, List<List<Integer>> ticks) {

    public Way {
      ticks = List.copyOf(ticks);
    }

    static Way of(Figure figure, Pattern pattern) {
      return new Way(
          figure,
          pattern,
          pattern.rhythms().stream()
              .map(Rhythm::ticks)
              .filter(all -> all.size() == pattern.places())
              .map(all -> all.stream().map(tick -> tick - all.getFirst()).toList())
              .toList());
    }
  }

  /** All ways that begin with an action, those with most steps first; in the book's order. */
  public List<Way> beginningWith(Movement action) {
    return ways.getOrDefault(action, List.of());
  }

  private static Map<Movement, List<Way>> ways(List<Figure> figures) {
    Map<Movement, List<Way>> ways = new LinkedHashMap<>();
    for (Figure figure : figures) {
      Stream.concat(figure.patterns().stream(), figure.variants().values().stream())
          .map(pattern -> Way.of(figure, pattern))
          .forEach(way ->
              ways.computeIfAbsent(
                      way.pattern().steps().getFirst().action(), _ -> new ArrayList<>())
                  .add(way));
    }
    Comparator<Way> longest =
        Comparator.<Way>comparingInt(way -> way.pattern().places()).reversed();
    ways.replaceAll((_, own) -> own.stream().sorted(longest).toList());
    return Map.copyOf(ways);
  }

  public List<Figure> figures() {
    return figures;
  }

  /** Whether a word, in lower case, stands in any name. */
  public boolean hasWord(String word) {
    return words.contains(word);
  }

  /**
   * The figure whose name or synonym is the longest that begins at a word, all lower case; hyphens
   * part words.
   */
  public Optional<WordTree.Match<Figure>> longest(List<String> words, int from) {
    return byWords.longest(words, from);
  }

  /** The figure with this name or synonym; case does not matter. */
  public Optional<Figure> find(String name) {
    return Optional.ofNullable(byName.get(name.toLowerCase(Locale.ROOT)));
  }

  /** Up to {@code most} names that are spelled nearly like {@code typed}, the nearest first. */
  public List<String> nearest(String typed, int most) {
    String wanted = typed.toLowerCase(Locale.ROOT);
    int limit = Math.max(2, wanted.length() / 3);
    record Near(String name, int distance) {}
    return byName.keySet().stream()
        .map(name -> new Near(name, Spelling.distance(wanted, name, limit)))
        .filter(near -> near.distance() <= limit)
        .sorted(Comparator.comparingInt(Near::distance).thenComparing(Near::name))
        .limit(most)
        .map(Near::name)
        .toList();
  }

  private static final class Standard {
    private static final FigureBook BOOK = load();

    private static FigureBook load() {
      Map<String, Movement> actions = new LinkedHashMap<>();
      List<Figure> figures = new ArrayList<>();
      for (String file : FILES) {
        figures.addAll(
            FigureBookReader.read(
                DataFile.text(FigureBook.class, "book/" + file + ".txt"), actions));
      }
      return new FigureBook(figures, actions);
    }
  }
}
