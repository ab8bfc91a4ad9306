package ulnaawl.term;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What a plan is worth, and why.
 *
 * @param broken how badly rules are broken that hold always; 0 where none is
 * @param points what the plan is worth by the rules that have their price
 * @param matches every rule in every place
 */
public record TermValue(long broken, long points, List<TermMatch> matches) {

  public TermValue {
    matches = List.copyOf(matches);
  }

  /** Whether no rule is broken that holds always. */
  public boolean isSound() {
    return broken == 0;
  }

  /** Those rules that hold always and are broken. */
  public List<TermMatch> brokenRules() {
    return matches.stream().filter(it -> it.rule().isHard()).toList();
  }

  /** What each rule adds, those that add nothing left out. */
  public Map<TermRule, Long> byRule() {
    Map<TermRule, Long> sums = new EnumMap<>(TermRule.class);
    matches.forEach(it -> sums.merge(it.rule(), it.points(), Long::sum));
    return sums;
  }
}
