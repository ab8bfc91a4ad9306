package ulnaawl.dance.lineage;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import ulnaawl.dance.SectionSet;

/**
 * Which section is which through all versions of a dance: a section keeps its key when others are
 * put in before it, when it is renamed, moved or mended. Decision 8 says how.
 *
 * @param keys one for each section, in the order of the text; 1 or more, each once
 */
public record SectionKeys(List<Integer> keys) {

  public SectionKeys {
    keys = List.copyOf(keys);
    if (keys.stream().anyMatch(key -> key < 1) || keys.stream().distinct().count() < keys.size()) {
      throw new IllegalArgumentException("Keys are 1 or more, each once, not " + keys);
    }
  }

  /** Of the first version: the keys are the numbers. */
  public static SectionKeys first(int sections) {
    return new SectionKeys(IntStream.rangeClosed(1, sections).boxed().toList());
  }

  /** Reads what {@link #label} writes. */
  public static SectionKeys parse(String label) {
    return new SectionKeys(
        label.isEmpty() ? List.of() : Stream.of(label.split(" ")).map(Integer::valueOf).toList());
  }

  /** For storing: {@code 1 2 5 3}. */
  public String label() {
    return keys.stream().map(String::valueOf).collect(Collectors.joining(" "));
  }

  /** The highest key of it; 0 where it has none. */
  int highest() {
    return keys.stream().mapToInt(Integer::intValue).max().orElse(0);
  }

  /**
   * The numbers that sections of this version have in another; those that are not there any more
   * are left out.
   */
  public SectionSet in(SectionKeys other, SectionSet sections) {
    return SectionSet.of(
        sections.numbers().stream()
            .filter(number -> number <= keys.size())
            .map(number -> other.keys.indexOf(keys.get(number - 1)) + 1)
            .filter(number -> number > 0)
            .toList());
  }
}
