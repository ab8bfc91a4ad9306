package ulnaawl.notation.read;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import ulnaawl.figure.Placement;

/** What only shows when some steps stand together. */
final class ClauseEnds {

  private ClauseEnds() {}

  /** "Step lock step scuff R": a foot at the very end is that of the first step. */
  static void leadComesLast(List<Element> clause) {
    List<Draft> own = new ArrayList<>();
    for (Element element : clause) {
      if (element instanceof Element.Step step) {
        own.add(step.draft());
      }
    }
    boolean lastOnly =
        own.size() > 1
            && !own.getLast().feet.isEmpty()
            && own.stream().limit(own.size() - 1L).allMatch(it -> it.feet.isEmpty());
    if (lastOnly && own.stream().allMatch(it -> it.figure.isPresent())) {
      own.getFirst().feet.addAll(own.getLast().feet);
      own.getLast().feet.clear();
    }
  }

  /** "Step R, lock L, step R": a step before or after a lock goes forward. */
  static void stepsOfLocks(List<Element> elements) {
    for (int i = 0; i < elements.size(); i++) {
      if (elements.get(i) instanceof Element.Step step
          && step.draft().isPlainStep()
          && (isLock(elements, i - 1) || isLock(elements, i + 1))) {
        step.draft().placement = Optional.of(Placement.FWD);
      }
    }
  }

  private static boolean isLock(List<Element> elements, int index) {
    return index >= 0
        && index < elements.size()
        && elements.get(index) instanceof Element.Step step
        && step.draft().is("lock");
  }
}
