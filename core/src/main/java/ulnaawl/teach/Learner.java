package ulnaawl.teach;

import java.util.Map;
import java.util.Set;

/**
 * What a group brings to a teach.
 *
 * @param figures names of the figures that it has met
 * @param sections sections of the dance that it has been shown, from the first; 0 for a fresh teach
 * @param readiness how ready it is with these, in thousandths, 0 to 999
 * @param pace how long the pieces of a teach take with it
 * @param watchOuts an instructor's notes on sections, by number
 */
public record Learner(
    Set<String> figures,
    int sections,
    int readiness,
    TeachPace pace,
    Map<Integer, String> watchOuts) {

  public Learner {
    figures = Set.copyOf(figures);
    watchOuts = Map.copyOf(watchOuts);
    if (sections < 0 || readiness < 0 || readiness > 999) {
      throw new IllegalArgumentException("Sections from 0, readiness from 0 to 999");
    }
  }

  /** A group that has never seen the dance, nor any of its figures. */
  public static Learner fresh(TeachPace pace) {
    return new Learner(Set.of(), 0, 0, pace, Map.of());
  }
}
