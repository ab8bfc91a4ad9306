package ulnaawl.handover;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Chooses sentences for somebody who has ten seconds: the weightiest first, as long as there are
 * words left; they are read in their own order.
 *
 * @param words how many there may be
 */
public record WordBudget(int words) {

  /**
   * A sentence.
   *
   * @param weight the higher, the sooner it is chosen; of two alike the first one
   */
  public record Sentence(int weight, String text) {

    int words() {
      return text.isBlank() ? 0 : text.strip().split("\\s+").length;
    }
  }

  /** The sentences that there is room for, in the order in which they were given. */
  public List<String> choose(List<Sentence> all) {
    List<Sentence> byWeight =
        all.stream().sorted(Comparator.comparingInt(Sentence::weight).reversed()).toList();
    List<Sentence> chosen = new ArrayList<>();
    int left = words;
    for (Sentence one : byWeight) {
      if (one.words() <= left) {
        chosen.add(one);
        left -= one.words();
      }
    }
    return all.stream().filter(chosen::contains).map(Sentence::text).toList();
  }
}
