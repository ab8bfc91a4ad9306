package ulnaawl.words;

import java.time.LocalDate;
import java.util.List;
import ulnaawl.plan.BrokenRule;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.plan.Late;
import ulnaawl.plan.PlanReason;

/** Says why a class is planned as it is. */
public interface PlanSpeech {

  /**
   * One reason.
   *
   * @param today the day on which it is read, which need not be the day of the class
   */
  String reason(PlanReason reason, LocalDate today);

  /** All reasons of a line, one after the other. */
  default String reasons(List<PlanReason> reasons, LocalDate today) {
    return String.join(" ", reasons.stream().map(one -> reason(one, today)).toList());
  }

  String kind(Kind kind);

  /**
   * A rule that a running order does not keep.
   *
   * @param titles what each line is about, in order
   */
  String broken(BrokenRule rule, List<String> titles);

  /** What becomes of a line where time is short; nothing for one that stays. */
  String late(Late.Line line);

  String filler(Filler filler);
}
