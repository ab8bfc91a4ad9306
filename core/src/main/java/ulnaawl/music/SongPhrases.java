package ulnaawl.music;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How a song falls into phrases, in counts as danced, the intro left out: {@code 32 32 16 32}.
 *
 * @param counts length of each phrase in order, 1 to {@link #LONGEST} each; empty: not known
 */
public record SongPhrases(List<Integer> counts) {

  /** The longest phrase that is understood. */
  public static final int LONGEST = 256;

  /** The most phrases of a song. */
  public static final int MOST = 200;

  /** Phrases that nobody has entered. */
  public static final SongPhrases UNKNOWN = new SongPhrases(List.of());

  private static final Pattern ONE = Pattern.compile("(\\d{1,4})(?:x(\\d{1,3}))?");

  public SongPhrases {
    counts = List.copyOf(counts);
    if (counts.size() > MOST) {
      throw new IllegalArgumentException(
          "A song has up to " + MOST + " phrases, not " + counts.size() + ".");
    }
    for (int count : counts) {
      if (count < 1 || count > LONGEST) {
        throw new IllegalArgumentException(
            "A phrase has 1 to " + LONGEST + " counts, not " + count + ".");
      }
    }
  }

  /**
   * Reads phrases as they are typed: numbers of counts with spaces, commas or plus signs between;
   * {@code 32x4} stands for four of 32.
   *
   * @throws IllegalArgumentException with a message for people where a word is no phrase
   */
  public static SongPhrases parse(String words) {
    List<Integer> counts = new ArrayList<>();
    String close = words.replaceAll("(?<!\\s)\\s*[x×*]\\s*", "x");
    for (String word : close.split("[\\s,;+|]+", -1)) {
      if (word.isEmpty()) {
        continue;
      }
      Matcher matcher = ONE.matcher(word);
      if (!matcher.matches()) {
        throw new IllegalArgumentException(
            "'" + word + "' is no phrase; write counts, as in 32 32 16 32 or 32x4.");
      }
      int times = matcher.group(2) == null ? 1 : Integer.parseInt(matcher.group(2));
      for (int i = 0; i < times && counts.size() <= MOST; i++) {
        counts.add(Integer.valueOf(matcher.group(1)));
      }
    }
    return new SongPhrases(counts);
  }

  public boolean isKnown() {
    return !counts.isEmpty();
  }

  /** Counts of all phrases together. */
  public int total() {
    return counts.stream().mapToInt(Integer::intValue).sum();
  }

  /**
   * Counts after which a phrase begins or the last one ends: 0, 32, 64, 80 … A phrase that holds
   * several whole walls has a border after each of them too.
   *
   * @param wallCounts length of a wall, 1 or more
   */
  public TreeSet<Integer> borders(int wallCounts) {
    TreeSet<Integer> borders = new TreeSet<>();
    int at = 0;
    borders.add(at);
    for (int count : counts) {
      if (count % wallCounts == 0) {
        for (int within = wallCounts; within < count; within += wallCounts) {
          borders.add(at + within);
        }
      }
      at += count;
      borders.add(at);
    }
    return borders;
  }

  /**
   * The same phrases where the beats are counted in another way; unknown where a phrase would then
   * not be whole, or too long.
   */
  SongPhrases counted(CountRate from, CountRate to) {
    List<Integer> other = new ArrayList<>();
    for (int count : counts) {
      if (!from.dividesInto(count, to) || from.into(count, to) > LONGEST) {
        return UNKNOWN;
      }
      other.add(from.into(count, to));
    }
    return new SongPhrases(other);
  }

  /** As it is written, equal neighbours together: {@code 32x2 16 32}. */
  public String label() {
    StringBuilder label = new StringBuilder();
    int i = 0;
    while (i < counts.size()) {
      int same = i;
      while (same < counts.size() && counts.get(same).equals(counts.get(i))) {
        same++;
      }
      label.append(label.isEmpty() ? "" : " ").append(counts.get(i));
      if (same - i > 1) {
        label.append('x').append(same - i);
      }
      i = same;
    }
    return label.toString();
  }
}
