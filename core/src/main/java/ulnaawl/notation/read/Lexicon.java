package ulnaawl.notation.read;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import ulnaawl.figure.FigureBook;
import ulnaawl.figure.Placement;
import ulnaawl.floor.Foot;
import ulnaawl.text.DataFile;
import ulnaawl.text.WordTree;

/** What words mean beside the figures' own names; read from data. */
final class Lexicon {

  private static final String BETWEEN = "between ";
  private static final Map<String, String> SHORTER =
      DataFile.rows(Lexicon.class, "shorter.txt").stream()
          .collect(Collectors.toUnmodifiableMap(List::getFirst, List::getLast));
  private static final Lexicon STANDARD = new Lexicon(words(), pairs());

  private final WordTree<Entry> words;
  private final Map<Pair, Joined> pairs;
  private final Set<String> known;
  private final Map<String, String> between = namesBetween();

  private Lexicon(Map<String, Entry> words, Map<Pair, Joined> pairs) {
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

  /** The figure that a name means instead where a line has counts between the beats. */
  Optional<String> between(String name) {
    return Optional.ofNullable(between.get(name));
  }

  private static Map<String, String> namesBetween() {
    Map<String, String> names = new HashMap<>();
    for (List<String> row : DataFile.rows(Lexicon.class, "words.txt")) {
      if (row.getFirst().startsWith(BETWEEN)) {
        names.put(row.get(1), row.getFirst().substring(BETWEEN.length()));
      }
    }
    return names;
  }

  /** The figure that is another without its last step, where the book has one. */
  Optional<String> shorter(String figure) {
    return Optional.ofNullable(SHORTER.get(figure));
  }

  /** What a verb and a second figure's name mean together. */
  Optional<Joined> together(String verb, String with) {
    return Optional.ofNullable(pairs.get(new Pair(verb, with)));
  }

  private static Map<String, Entry> words() {
    Map<String, Entry> words = new HashMap<>();
    for (List<String> row : DataFile.rows(Lexicon.class, "words.txt")) {
      if (row.getFirst().startsWith(BETWEEN)) {
        continue;
      }
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
      default ->
          new Entry.Fixed(
              Meaning.Joint.valueOf(meaning.toUpperCase(Locale.ROOT).replace(' ', '_')));
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
