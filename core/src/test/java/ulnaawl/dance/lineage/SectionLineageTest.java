package ulnaawl.dance.lineage;

import static org.testng.Assert.assertEquals;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.Test;
import ulnaawl.Tries;
import ulnaawl.dance.SectionSet;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;

/** A section is known again whatever is done to the text around it. */
public class SectionLineageTest {

  /** Sections that no two of are half alike. */
  private static final List<String> STEPS =
      List.of(
          "1-4  vine R, touch L\n5-8  vine L, touch R\n",
          "1-4  rocking chair R\n5-8  jazz box R 1/4 R\n",
          "1&2  sailor R\n3&4  sailor L\n5-8  monterey R 1/2 R\n",
          "1-2  rock R fwd\n3&4  coaster R\n5-6  rock L fwd\n7&8  coaster L\n",
          "1-4  toe strut R, toe strut L\n5-8  heel strut R, heel strut L\n",
          "1-8  K step R\n",
          "1&2  kick ball change R\n3&4  kick ball change R\n5-8  sway R L R L\n",
          "1-4  charleston R\n5-8  charleston R\n",
          "1-4  V step R\n5-8  hip bumps R L R L\n",
          "1&2  shuffle R fwd\n3&4  shuffle L fwd\n5-8  step pivot R 1/2 L, step pivot R 1/4 L\n");

  /** A section of the generator: which it is, its title, its lines. */
  private record Own(int id, String title, String lines) {}

  private static String text(List<Own> sections) {
    StringBuilder text = new StringBuilder("title: Generated\nstart: weight L\n");
    int number = 1;
    for (Own one : sections) {
      text.append("section ").append(number++).append(": ").append(one.title()).append('\n');
      text.append(one.lines());
    }
    return text.append("tag Lull\n1-4  sway R L R L\nphrasing\nafter wall 2: tag Lull\n")
        .toString();
  }

  private static List<SectionPrint> prints(String text) {
    return SectionPrint.of(DanceCompiler.compile(text, FigureBook.standard()).dance(), text);
  }

  /**
   * Any run of edits: put in, taken out, moved, renamed, remarked, mended, misspelt, brought back.
   */
  @Test
  public void keysFollowTheirSectionsThroughRandomEdits() {
    for (long seed = 1; seed <= Tries.of(60, 300); seed++) {
      Random random = new Random(seed);
      List<String> pool = new ArrayList<>(STEPS);
      Collections.shuffle(pool, random);
      List<Own> sections = new ArrayList<>();
      List<Own> removed = new ArrayList<>();
      int next = 1;
      for (int i = 0; i < 3; i++) {
        sections.add(new Own(next++, "Part " + i, pool.removeLast()));
      }
      List<SectionLineage.Version> past = new ArrayList<>();
      Map<Integer, Integer> keys = new HashMap<>();
      for (int edit = 0; edit < 12; edit++) {
        List<SectionPrint> now = prints(text(sections));
        SectionKeys found = SectionLineage.next(past, now);
        for (int i = 0; i < sections.size(); i++) {
          int key = found.keys().get(i);
          int wanted = keys.computeIfAbsent(sections.get(i).id(), _ -> key);
          assertEquals(key, wanted, "seed " + seed + ", edit " + edit + "\n" + text(sections));
        }
        assertEquals(keys.values().stream().distinct().count(), keys.size(), "keys are not reused");
        past.add(new SectionLineage.Version(found, now));
        next = edit(random, sections, removed, pool, next);
      }
    }
  }

  private static int edit(
      Random random, List<Own> sections, List<Own> removed, List<String> pool, int next) {
    int at = random.nextInt(sections.size());
    Own one = sections.get(at);
    switch (random.nextInt(8)) {
      case 0, 1 -> {
        if (!pool.isEmpty()) {
          sections.add(random.nextInt(sections.size() + 1), new Own(next, "", pool.removeLast()));
          return next + 1;
        }
      }
      case 2 -> {
        if (sections.size() > 1) {
          removed.add(sections.remove(at));
        }
      }
      case 3 -> Collections.swap(sections, at, random.nextInt(sections.size()));
      case 4 -> sections.set(at, new Own(one.id(), "Called " + random.nextInt(99), one.lines()));
      case 5 -> sections.set(at, new Own(one.id(), one.title(), "# remark\n" + one.lines()));
      // A word that is not read: the words are still alike.
      case 6 ->
          sections.set(at, new Own(one.id(), one.title(), one.lines().replaceFirst("step", "stp")));
      default -> {
        if (!removed.isEmpty()) {
          sections.add(at, removed.removeLast());
        }
      }
    }
    return next;
  }

  @Test
  public void aMendedSectionIsTheSameAndAnotherOneIsNot() {
    String before = text(List.of(new Own(1, "", STEPS.get(0)), new Own(2, "", STEPS.get(1))));
    SectionLineage.Version first = new SectionLineage.Version(SectionKeys.first(2), prints(before));
    String mended = before.replace("5-8  vine L, touch R", "5-8  vine L, scuff R");
    assertEquals(
        SectionLineage.next(List.of(first), prints(mended)), new SectionKeys(List.of(1, 2)));
    String tidied = before.replace("1-4  vine R, touch L", "1 - 4   grapevine right, tap left");
    assertEquals(
        SectionLineage.next(List.of(first), prints(tidied)), new SectionKeys(List.of(1, 2)));
    String rewritten = before.replace(STEPS.get(0), STEPS.get(2));
    assertEquals(
        SectionLineage.next(List.of(first), prints(rewritten)), new SectionKeys(List.of(3, 2)));
  }

  @Test
  public void sectionsAreCarriedToAnotherVersion() {
    SectionKeys before = new SectionKeys(List.of(1, 2, 3));
    SectionKeys after = new SectionKeys(List.of(4, 1, 3));
    assertEquals(before.in(after, SectionSet.upTo(3)), new SectionSet(List.of(2, 3)));
    assertEquals(after.in(before, SectionSet.of(List.of(1, 2))), new SectionSet(List.of(1)));
    assertEquals(SectionKeys.parse(after.label()), after);
  }

  @Test
  public void setsAreWrittenAndReadInRuns() {
    SectionSet set = SectionSet.of(List.of(5, 1, 2, 3, 5));
    assertEquals(set.label(), "1-3,5");
    assertEquals(SectionSet.parse("1-3,5"), set);
    assertEquals(SectionSet.parse(""), SectionSet.NONE);
    assertEquals(set.runs(), List.of(List.of(1, 2, 3), List.of(5)));
  }
}
