package ulnaawl.dance.lineage;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import ulnaawl.dance.Dance;
import ulnaawl.dance.Place;
import ulnaawl.dance.Section;
import ulnaawl.floor.Foot;
import ulnaawl.notation.Block;

/**
 * What a section is known by when it is looked for in another version of its dance.
 *
 * @param steps foot, step and turn of each place, as far as they could be read
 * @param words the words of its lines as they were typed, its heading left out
 */
public record SectionPrint(List<String> steps, List<String> words) {

  /** Of a section of which nothing is known; it is like no other. */
  static final SectionPrint NOTHING = new SectionPrint(List.of(), List.of());

  private static final int FULL = 1000;

  public SectionPrint {
    steps = List.copyOf(steps);
    words = List.copyOf(words);
  }

  /**
   * Of every section of a dance, in order.
   *
   * @param text the step text that the dance was read from
   */
  public static List<SectionPrint> of(Dance dance, String text) {
    List<Block> blocks = dance.script().blocks();
    int end =
        dance.script().phrasing().stream()
            .mapToInt(phrase -> phrase.span().start())
            .min()
            .orElse(text.length());
    List<SectionPrint> prints = new ArrayList<>();
    for (Section section : dance.sections()) {
      int from = section.span().end();
      int to =
          Stream.concat(
                  blocks.stream().map(block -> block.span().start()), Stream.of(end, text.length()))
              .filter(start -> start >= from)
              .min(Integer::compare)
              .orElse(from);
      prints.add(
          new SectionPrint(
              section.places().stream().map(SectionPrint::step).toList(),
              Stream.of(text.substring(from, to).toLowerCase(Locale.ROOT).split("[\\s,]+"))
                  .filter(word -> !word.isEmpty())
                  .toList()));
    }
    return prints;
  }

  private static String step(Place place) {
    return place.foot().map(Foot::letter).orElse("-")
        + " "
        + place.description()
        + " "
        + place.turn().label();
  }

  /** How much two sections are alike, in thousandths; 1000 where steps or words are the same. */
  int likeness(SectionPrint other) {
    return Math.max(likeness(steps, other.steps), likeness(words, other.words));
  }

  /** Twice the longest common subsequence against both lengths; nothing is like nothing. */
  private static int likeness(List<String> one, List<String> other) {
    if (one.isEmpty() || other.isEmpty()) {
      return 0;
    }
    int[] last = new int[other.size() + 1];
    for (String word : one) {
      int corner = 0;
      for (int j = 0; j < other.size(); j++) {
        int above = last[j + 1];
        last[j + 1] = word.equals(other.get(j)) ? corner + 1 : Math.max(above, last[j]);
        corner = above;
      }
    }
    return 2 * FULL * last[other.size()] / (one.size() + other.size());
  }
}
