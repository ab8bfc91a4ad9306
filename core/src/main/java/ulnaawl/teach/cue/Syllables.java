package ulnaawl.teach.cue;

import java.util.Locale;
import java.util.Map;

/**
 * Counts the syllables of an English call: groups of vowels, a silent e at the end left out. Good
 * enough to tell whether a call fits; words that it gets wrong stand in a list.
 */
final class Syllables {

  private static final Map<String, Integer> ODD =
      Map.ofEntries(
          Map.entry("rumba", 2),
          Map.entry("cha", 1),
          Map.entry("samba", 2),
          Map.entry("mambo", 2),
          Map.entry("behind", 2),
          Map.entry("together", 3),
          Map.entry("side", 1),
          Map.entry("shuffle", 2),
          Map.entry("coaster", 2),
          Map.entry("sailor", 2),
          Map.entry("every", 2),
          Map.entry("quarter", 2),
          Map.entry("1/4", 2),
          Map.entry("1/2", 1),
          Map.entry("3/4", 4),
          Map.entry("1/8", 1),
          Map.entry("3/8", 2),
          Map.entry("5/8", 2),
          Map.entry("7/8", 3),
          Map.entry("x2", 1),
          Map.entry("x3", 2),
          Map.entry("x4", 2),
          Map.entry("x5", 2),
          Map.entry("x6", 2),
          Map.entry("x7", 3),
          Map.entry("x8", 2),
          Map.entry("11", 3),
          Map.entry("13", 2),
          Map.entry("14", 2),
          Map.entry("15", 2),
          Map.entry("16", 2),
          Map.entry("7", 2),
          Map.entry("&", 1));

  private Syllables() {}

  static int of(String call) {
    int sum = 0;
    for (String word : call.toLowerCase(Locale.ROOT).split("[\\s,-]+", -1)) {
      sum += word.isEmpty() ? 0 : word(word);
    }
    return sum;
  }

  private static int word(String word) {
    Integer odd = ODD.get(word);
    if (odd != null) {
      return odd;
    }
    String letters = word.replaceAll("[^a-z]", "");
    if (letters.isEmpty()) {
      return 1;
    }
    String heard = letters.replaceAll("(?<=[^aeiouyl])e$|(?<=[aeiouy][a-z])(?<!l)e$", "");
    int groups = 0;
    boolean vowel = false;
    for (char letter : heard.toCharArray()) {
      boolean now = "aeiouy".indexOf(letter) >= 0;
      groups += now && !vowel ? 1 : 0;
      vowel = now;
    }
    return Math.max(1, groups);
  }
}
