package ulnaawl.dance.lineage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Finds the sections of a dance again after an edit. What is all but the same is found first, in
 * the order of the text and then wherever it was moved to; then what is at least half the same;
 * then what an earlier version had and a later one had lost. The rest is new. Likeness is that of
 * the steps or of the words, whichever is greater: a section that cannot be read just now is still
 * the same section.
 */
public final class SectionLineage {

  /** All but the same, in thousandths. */
  private static final int NEARLY = 900;

  /** The same section, changed; in thousandths. */
  private static final int HALF = 500;

  private final List<SectionPrint> before;
  private final List<SectionPrint> after;
  private final int[][] likeness;
  private final Map<Integer, Integer> found = new HashMap<>();

  private SectionLineage(List<SectionPrint> before, List<SectionPrint> after) {
    this.before = before;
    this.after = after;
    this.likeness = new int[before.size()][after.size()];
    for (int old = 0; old < before.size(); old++) {
      for (int now = 0; now < after.size(); now++) {
        likeness[old][now] = before.get(old).likeness(after.get(now));
      }
    }
  }

  /**
   * A version of the past. Where its text is read otherwise today than when it was written, so that
   * it has another number of sections, nothing is found in it again, and its keys stay taken.
   */
  public record Version(SectionKeys keys, List<SectionPrint> sections) {
    public Version {
      sections =
          sections.size() == keys.keys().size()
              ? List.copyOf(sections)
              : java.util.Collections.nCopies(keys.keys().size(), SectionPrint.NOTHING);
    }
  }

  /**
   * The keys of the next version.
   *
   * @param past all versions so far, the oldest first; may be empty
   * @param now the sections of the next one
   */
  public static SectionKeys next(List<Version> past, List<SectionPrint> now) {
    if (past.isEmpty()) {
      return SectionKeys.first(now.size());
    }
    Version last = past.getLast();
    Integer[] keys = new Integer[now.size()];
    new SectionLineage(last.sections(), now)
        .matches()
        .forEach((at, old) -> keys[at] = last.keys().keys().get(old));
    comeBack(past, now, keys);
    int highest = past.stream().mapToInt(version -> version.keys().highest()).max().orElse(0);
    for (int at = 0; at < keys.length; at++) {
      if (keys[at] == null) {
        keys[at] = ++highest;
      }
    }
    return new SectionKeys(List.of(keys));
  }

  /** Gives sections that an earlier version had the keys that they had there. */
  private static void comeBack(List<Version> past, List<SectionPrint> now, Integer[] keys) {
    Map<Integer, SectionPrint> lost = new LinkedHashMap<>();
    for (Version version : past.reversed()) {
      for (int i = 0; i < version.sections().size(); i++) {
        lost.putIfAbsent(version.keys().keys().get(i), version.sections().get(i));
      }
    }
    for (Integer key : keys) {
      if (key != null) {
        lost.remove(key);
      }
    }
    past.getLast().keys().keys().forEach(lost::remove);
    for (int at = 0; at < keys.length; at++) {
      for (Map.Entry<Integer, SectionPrint> one : List.copyOf(lost.entrySet())) {
        if (keys[at] == null && one.getValue().likeness(now.get(at)) >= NEARLY) {
          keys[at] = one.getKey();
          lost.remove(one.getKey());
        }
      }
    }
  }

  /** The place of each section that was found again, by its place now. */
  private Map<Integer, Integer> matches() {
    for (int least : new int[] {NEARLY, HALF}) {
      inOrder(least);
      moved(least);
    }
    return found;
  }

  /** The likest pairs that keep their order: a longest path over both lists. */
  private void inOrder(int least) {
    List<Integer> olds = open(before.size(), found.values().stream().toList());
    List<Integer> nows = open(after.size(), found.keySet().stream().toList());
    int[][] best = new int[olds.size() + 1][nows.size() + 1];
    for (int i = olds.size() - 1; i >= 0; i--) {
      for (int j = nows.size() - 1; j >= 0; j--) {
        int like = likeness[olds.get(i)][nows.get(j)];
        int paired = like >= least ? like + best[i + 1][j + 1] : 0;
        best[i][j] = Math.max(paired, Math.max(best[i + 1][j], best[i][j + 1]));
      }
    }
    int i = 0;
    int j = 0;
    while (i < olds.size() && j < nows.size()) {
      int like = likeness[olds.get(i)][nows.get(j)];
      if (like >= least && best[i][j] == like + best[i + 1][j + 1]) {
        found.put(nows.get(j++), olds.get(i++));
      } else if (best[i][j] == best[i + 1][j]) {
        i++;
      } else {
        j++;
      }
    }
  }

  /** The likest pairs among the rest, wherever they stand. */
  private void moved(int least) {
    record Pair(int old, int now, int like) {}
    List<Pair> pairs = new ArrayList<>();
    for (int old : open(before.size(), found.values().stream().toList())) {
      for (int now : open(after.size(), found.keySet().stream().toList())) {
        if (likeness[old][now] >= least) {
          pairs.add(new Pair(old, now, likeness[old][now]));
        }
      }
    }
    pairs.sort((one, other) -> Integer.compare(other.like(), one.like()));
    for (Pair pair : pairs) {
      if (!found.containsKey(pair.now()) && !found.containsValue(pair.old())) {
        found.put(pair.now(), pair.old());
      }
    }
  }

  private static List<Integer> open(int all, List<Integer> taken) {
    return IntStream.range(0, all).filter(it -> !taken.contains(it)).boxed().toList();
  }
}
