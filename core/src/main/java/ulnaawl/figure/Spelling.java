package ulnaawl.figure;

import java.util.Arrays;

/**
 * How far two spellings lie apart: insertions, deletions, replacements and swaps of neighbours
 * (restricted Damerau-Levenshtein distance, from memory).
 */
final class Spelling {

  private Spelling() {}

  /** The distance, or {@code limit + 1} where it is larger than {@code limit}. */
  static int distance(String a, String b, int limit) {
    if (Math.abs(a.length() - b.length()) > limit) {
      return limit + 1;
    }
    int[] before = new int[b.length() + 1];
    int[] last = new int[b.length() + 1];
    int[] now = new int[b.length() + 1];
    Arrays.setAll(last, j -> j);
    for (int i = 1; i <= a.length(); i++) {
      now[0] = i;
      for (int j = 1; j <= b.length(); j++) {
        int replace = last[j - 1] + (a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1);
        now[j] = Math.min(replace, Math.min(last[j], now[j - 1]) + 1);
        if (i > 1
            && j > 1
            && a.charAt(i - 1) == b.charAt(j - 2)
            && a.charAt(i - 2) == b.charAt(j - 1)) {
          now[j] = Math.min(now[j], before[j - 2] + 1);
        }
      }
      int[] spare = before;
      before = last;
      last = now;
      now = spare;
    }
    return Math.min(last[b.length()], limit + 1);
  }
}
