package ulnaawl.dance;

import java.util.Collection;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * Some sections of a dance by their numbers: what was taught need not begin with the first.
 *
 * @param numbers from 1, each once, rising; may be empty
 */
public record SectionSet(List<Integer> numbers) {

  /** No section. */
  public static final SectionSet NONE = new SectionSet(List.of());

  public SectionSet {
    numbers = List.copyOf(new TreeSet<>(numbers));
    if (!numbers.isEmpty() && numbers.getFirst() < 1) {
      throw new IllegalArgumentException("Sections are numbered from 1, not " + numbers);
    }
  }

  public static SectionSet of(Collection<Integer> numbers) {
    return new SectionSet(List.copyOf(numbers));
  }

  /** Sections 1 to {@code last}; none where it is 0. */
  public static SectionSet upTo(int last) {
    return between(1, last);
  }

  /** Sections {@code from} to {@code to}, both included; none where {@code to} is lower. */
  public static SectionSet between(int from, int to) {
    return new SectionSet(IntStream.rangeClosed(from, to).boxed().toList());
  }

  /**
   * Reads what {@link #label} writes.
   *
   * @throws IllegalArgumentException where it is nothing of that kind
   */
  public static SectionSet parse(String label) {
    TreeSet<Integer> numbers = new TreeSet<>();
    for (String run : label.isBlank() ? new String[0] : label.split(",", -1)) {
      String[] ends = run.strip().split("-", 2);
      int from = Integer.parseInt(ends[0]);
      numbers.addAll(between(from, Integer.parseInt(ends[ends.length - 1])).numbers());
    }
    return new SectionSet(List.copyOf(numbers));
  }

  /** In short, for storing and for files: {@code 1-3,5}. */
  public String label() {
    return runs().stream()
        .map(run ->
            run.size() == 1 ? String.valueOf(run.getFirst()) : run.getFirst() + "-" + run.getLast())
        .collect(Collectors.joining(","));
  }

  /** Its sections in unbroken runs, rising. */
  public List<List<Integer>> runs() {
    java.util.ArrayList<List<Integer>> runs = new java.util.ArrayList<>();
    int start = 0;
    for (int i = 1; i <= numbers.size(); i++) {
      if (i == numbers.size() || numbers.get(i) != numbers.get(i - 1) + 1) {
        runs.add(numbers.subList(start, i));
        start = i;
      }
    }
    return runs;
  }

  public boolean contains(int number) {
    return numbers.contains(number);
  }

  public boolean containsAll(SectionSet others) {
    return numbers.containsAll(others.numbers);
  }

  public boolean isEmpty() {
    return numbers.isEmpty();
  }

  public int size() {
    return numbers.size();
  }

  /** Whether it is all of a dance's sections. */
  public boolean isWhole(int sections) {
    return containsAll(upTo(sections));
  }

  /** With others besides. */
  public SectionSet with(SectionSet others) {
    TreeSet<Integer> all = new TreeSet<>(numbers);
    all.addAll(others.numbers);
    return new SectionSet(List.copyOf(all));
  }

  /** Without others. */
  public SectionSet without(SectionSet others) {
    return new SectionSet(numbers.stream().filter(it -> !others.contains(it)).toList());
  }
}
