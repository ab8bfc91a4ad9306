package ulnaawl.notation.read;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ulnaawl.figure.Figure;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.text.DataFile;
import ulnaawl.text.WordTree;

/** What words mean beside the figures' own names; read from data. */
final class Lexicon {

  private static final Lexicon STANDARD = new Lexicon(words(), pairs(), instead());

  private final WordTree<Entry> words;
  private final Map<Pair, Joined> pairs;
  private final Set<String> known;
  private final Map<Special, String> instead;

  private Lexicon(Map<String, Entry> words, Map<Pair, Joined> pairs, Map<Special, String> instead) {
    this.instead = Map.copyOf(instead);
    this.words = WordTree.of(words);
    this.pairs = Map.copyOf(pairs);
    this.known =
        words.keySet().stream()
            .flatMap(phrase -> Stream.of(phrase.split(" ")))
            .collect(Collectors.toUnmodifiableSet());
  }

  static Lexicon standard() {
    return STANDARD;
  }

  /** What a phrase means; a figure is looked up in the book that is read with. */
  private sealed interface Entry {
    record Fixed(Meaning meaning) implements Entry {}

    record OfFigure(String name) implements Entry {}
  }

  /** In which case a name means another figure. */
  enum Case {
    BETWEEN_BEATS,
    LAST_STEP_CHANGED,
    NO_WEIGHT,
    FEET_NAMED
  }

  private record Special(Case when, String name) {}

  private record Pair(String verb, String with) {}

  /**
   * What two figures' names in one breath mean.
   *
   * @param figure name of the figure
   * @param placement where it goes, where that is said
   */
  record Joined(String figure, Optional<Placement> placement) {}

  /** The longest phrase that begins at a word. */
  Optional<WordTree.Match<Meaning>> longest(FigureBook book, List<String> typed, int from) {
    Optional<WordTree.Match<Entry>> match = words.longest(typed, from);
    if (match.isEmpty()) {
      return Optional.empty();
    }
    int length = match.get().length();
    return switch (match.get().meaning()) {
      case Entry.Fixed it -> Optional.of(new WordTree.Match<>(it.meaning(), length));
      case Entry.OfFigure it ->
          book.find(it.name())
              .map(figure -> new WordTree.Match<>(new Meaning.Named(figure, it.name()), length));
    };
  }

  /** Whether a word, in lower case, stands in any phrase. */
  boolean hasWord(String word) {
    return known.contains(word);
  }

  /** The figure that a name means in some case, where that is another. */
  Optional<Figure> instead(FigureBook book, Case when, String name) {
    return Optional.ofNullable(instead.get(new Special(when, name))).flatMap(book::find);
  }

  private static Map<Special, String> instead() {
    return DataFile.rows(Lexicon.class, "instead.txt").stream()
        .collect(
            Collectors.toMap(row -> new Special(named(row.get(0)), row.get(1)), List::getLast));
  }

  private static Case named(String words) {
    return Case.valueOf(constant(words));
  }

  private static String constant(String words) {
    return words.toUpperCase(Locale.ROOT).replace(' ', '_');
  }

  /** What a verb and a second figure's name mean together. */
  Optional<Joined> together(String verb, String with) {
    return Optional.ofNullable(pairs.get(new Pair(verb, with)));
  }

  private static Map<String, Entry> words() {
    Map<String, Entry> words = new HashMap<>();
    for (List<String> row : DataFile.rows(Lexicon.class, "words.txt")) {
      for (String phrase : row.get(1).split(",")) {
        words.put(phrase.strip(), entry(row.get(0), phrase.strip()));
      }
    }
    return words;
  }

  private static Entry entry(String meaning, String phrase) {
    int space = meaning.indexOf(' ');
    String kind = space < 0 ? meaning : meaning.substring(0, space);
    String value = meaning.substring(space + 1);
    return switch (kind) {
      case "figure" -> new Entry.OfFigure(value);
      case "foot" ->
          new Entry.Fixed(new Meaning.Feet(List.of(value.equals("r") ? Foot.RIGHT : Foot.LEFT)));
      case "place" -> new Entry.Fixed(new Meaning.To(placement(value)));
      case "over" -> new Entry.Fixed(new Meaning.Over(placement(value)));
      case "size" -> new Entry.Fixed(new Meaning.Size(Integer.parseInt(value)));
      case "times" -> new Entry.Fixed(new Meaning.Times(Integer.parseInt(value)));
      case "remark" -> new Entry.Fixed(new Meaning.Remark(phrase));
      default -> new Entry.Fixed(Meaning.Joint.valueOf(constant(meaning)));
    };
  }

  private static Placement placement(String label) {
    return Placement.named(label).orElseThrow();
  }

  private static Map<Pair, Joined> pairs() {
    Map<Pair, Joined> pairs = new HashMap<>();
    for (List<String> row : DataFile.rows(Lexicon.class, "pairs.txt")) {
      Optional<Placement> placement =
          row.get(3).isEmpty() ? Optional.empty() : Placement.named(row.get(3));
      pairs.put(new Pair(row.get(0), row.get(1)), new Joined(row.get(2), placement));
    }
    return pairs;
  }
}
