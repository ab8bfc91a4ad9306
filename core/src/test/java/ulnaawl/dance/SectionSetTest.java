package ulnaawl.dance;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.TreeSet;
import org.testng.annotations.Test;

/** Which sections of a dance: a set like any other, that can be told in short. */
public class SectionSetTest {

  @Test
  public void isTheSetOfItsNumbers() {
    qt().forAll(
            lists().of(integers().between(1, 20)).ofSizeBetween(0, 12),
            lists().of(integers().between(1, 20)).ofSizeBetween(0, 12))
        .checkAssert((some, others) -> {
          SectionSet one = SectionSet.of(some);
          SectionSet other = SectionSet.of(others);
          TreeSet<Integer> both = new TreeSet<>(some);
          both.addAll(others);
          assertEquals(one.with(other).numbers(), List.copyOf(both));
          TreeSet<Integer> left = new TreeSet<>(some);
          left.removeAll(others);
          assertEquals(one.without(other).numbers(), List.copyOf(left));
          assertEquals(one.containsAll(other), some.containsAll(others));
          assertEquals(one.without(other).with(other), one.with(other));
        });
  }

  /** What is stored is what was meant, and its runs have no gap and touch no other. */
  @Test
  public void isStoredInShort() {
    qt().forAll(lists().of(integers().between(1, 20)).ofSizeBetween(0, 12))
        .checkAssert(some -> {
          SectionSet set = SectionSet.of(some);
          assertEquals(SectionSet.parse(set.label()), set);
          assertEquals(set.runs().stream().flatMap(List::stream).toList(), set.numbers());
          for (int i = 1; i < set.runs().size(); i++) {
            int end = set.runs().get(i - 1).getLast();
            assertTrue(set.runs().get(i).getFirst() > end + 1, set.label());
          }
        });
    assertEquals(SectionSet.of(List.of(5, 1, 3, 2, 3)).label(), "1-3,5");
    assertEquals(SectionSet.parse(""), SectionSet.NONE);
  }

  @Test
  public void sectionsAreNumberedFromOne() {
    assertThrows(IllegalArgumentException.class, () -> SectionSet.of(List.of(0, 1)));
    assertThrows(IllegalArgumentException.class, () -> SectionSet.parse("1-x"));
    assertEquals(SectionSet.upTo(0), SectionSet.NONE);
    assertTrue(SectionSet.upTo(4).isWhole(4));
    assertTrue(!SectionSet.between(2, 4).isWhole(4));
  }
}
