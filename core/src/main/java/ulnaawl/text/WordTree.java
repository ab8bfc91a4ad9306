package ulnaawl.text;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A vocabulary of one or more words each, by their words: finds the longest that begins at a word
 * without putting any together.
 *
 * @param <T> what a phrase means
 */
public final class WordTree<T> {

  private final Map<String, WordTree<T>> next;
  private final Optional<T> meaning;

  private WordTree(Map<String, WordTree<T>> next, Optional<T> meaning) {
    this.next = Map.copyOf(next);
    this.meaning = meaning;
  }

  /**
   * What was found.
   *
   * @param meaning what the phrase means
   * @param length how many words it has, 1 or more
   */
  public record Match<T>(T meaning, int length) {}

  /** The tree of some phrases, their words parted by single spaces. */
  public static <T> WordTree<T> of(Map<String, T> phrases) {
    Map<String, Map<String, T>> rests = new HashMap<>();
    phrases.forEach((phrase, meaning) -> {
      int space = phrase.indexOf(' ');
      String word = space < 0 ? phrase : phrase.substring(0, space);
      String rest = space < 0 ? "" : phrase.substring(space + 1);
      rests.computeIfAbsent(word, _ -> new HashMap<>()).put(rest, meaning);
    });
    Map<String, WordTree<T>> next = new HashMap<>();
    rests.forEach((word, below) -> {
      Optional<T> whole = Optional.ofNullable(below.remove(""));
      next.put(word, new WordTree<>(of(below).next, whole));
    });
    return new WordTree<>(next, Optional.empty());
  }

  /** The longest phrase that begins at a word; empty where none does. */
  public Optional<Match<T>> longest(List<String> words, int from) {
    Optional<T> best = Optional.empty();
    int length = 0;
    WordTree<T> node = this;
    for (int i = from; i < words.size(); i++) {
      WordTree<T> below = node.next.get(words.get(i));
      if (below == null) {
        break;
      }
      node = below;
      if (node.meaning.isPresent()) {
        best = node.meaning;
        length = i - from + 1;
      }
    }
    if (best.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(new Match<>(best.get(), length));
  }
}
