package ulnaawl.play;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * Something that is said while the class dances.
 *
 * @param tick when it begins, in ticks from the first count of the track; less than 0 before it
 * @param endTick when it has to have ended, in the same ticks; more than {@code tick}
 * @param kind what it is
 * @param text what is said; never blank
 */
public record Said(int tick, int endTick, Kind kind, String text) {

  /** What is said. */
  public enum Kind {
    COUNT,
    FIGURE,
    /** That an exception comes. */
    WARNING,
    /** An exception, with its steps. */
    EXCEPTION
  }

  public Said {
    if (text.isBlank() || endTick <= tick) {
      throw new IllegalArgumentException("Nothing is said from " + tick + " to " + endTick);
    }
  }

  /** Under what a voice finds its clips, one after the other: its words, or the count. */
  public List<String> keys() {
    return kind == Kind.COUNT ? List.of(countKey(text)) : words(text);
  }

  /** A count is said more shortly than the same word in a call, and has a clip of its own. */
  public static String countKey(String text) {
    return "count " + text;
  }

  /** The words of a call, as a voice speaks them one by one: small letters, no signs. */
  public static List<String> words(String text) {
    String plain = text.toLowerCase(Locale.ROOT).replace("&", " and ");
    return Stream.of(plain.split("[^\\p{L}\\p{N}/']+", -1)).filter(it -> !it.isEmpty()).toList();
  }
}
