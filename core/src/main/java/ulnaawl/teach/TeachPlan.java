package ulnaawl.teach;

import java.util.List;
import java.util.Optional;

/**
 * A laid-out teach.
 *
 * @param school the school it follows
 * @param drills in order
 * @param seconds seconds in all; not more than the minutes asked for, unless not even one section
 *     fits
 * @param reaches the last section that is taught
 * @param sections sections of the dance
 * @param turns how often each section is danced by the end, section 1 first
 * @param rest what is left for the next class; empty where the whole dance is taught
 * @param reasons why it is laid out so
 */
public record TeachPlan(
    String school,
    List<Drill> drills,
    int seconds,
    int reaches,
    int sections,
    List<Integer> turns,
    Optional<String> rest,
    List<String> reasons) {

  public TeachPlan {
    drills = List.copyOf(drills);
    turns = List.copyOf(turns);
    reasons = List.copyOf(reasons);
  }
}
