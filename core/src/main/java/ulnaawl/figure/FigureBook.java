package ulnaawl.figure;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/** All figures that the product knows, found by any of their names. */
public final class FigureBook {

  private static final String RESOURCE = "figure-book.txt";

  private final List<Figure> figures;
  private final Map<String, Figure> byName;
  private final int longestName;

  FigureBook(List<Figure> figures) {
    this.figures = List.copyOf(figures);
    Map<String, Figure> names = new LinkedHashMap<>();
    for (Figure figure : figures) {
      for (String name : namesOf(figure)) {
        if (names.putIfAbsent(name, figure) != null) {
          throw new IllegalArgumentException("Two figures are called '" + name + "'");
        }
      }
    }
    this.byName = Collections.unmodifiableMap(names);
    this.longestName =
        names.keySet().stream().mapToInt(name -> name.split(" ").length).max().orElse(1);
  }

  /** The book that ships with the product. */
  public static FigureBook standard() {
    return Standard.BOOK;
  }

  /**
   * A book from its data format, which the head of the shipped file describes.
   *
   * @throws FigureBookException where the data cannot be read, with its line
   */
  public static FigureBook parse(String data) {
    return FigureBookReader.read(data);
  }

  private static List<String> namesOf(Figure figure) {
    List<String> names = new ArrayList<>();
    names.add(figure.name());
    names.addAll(figure.synonyms());
    return names;
  }

  public List<Figure> figures() {
    return figures;
  }

  /** The most words that a name or synonym has. */
  public int longestName() {
    return longestName;
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
      try (InputStream in =
          Objects.requireNonNull(FigureBook.class.getResourceAsStream(RESOURCE), RESOURCE)) {
        return parse(new String(in.readAllBytes(), StandardCharsets.UTF_8));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }
}
