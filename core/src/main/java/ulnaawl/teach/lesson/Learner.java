package ulnaawl.teach.lesson;

import java.util.Map;
import java.util.Set;
import ulnaawl.dance.SectionSet;

/**
 * What a group brings to a teach.
 *
 * @param figures names of the figures that it has met
 * @param shown sections of the dance that it has been shown; none for a fresh teach
 * @param readiness how ready it is with these, in thousandths, 0 to 999
 * @param pace how long the pieces of a teach take with it
 * @param watchOuts an instructor's notes on sections, by number
 */
public record Learner(
    Set<String> figures,
    SectionSet shown,
    int readiness,
    TeachPace pace,
    Map<Integer, String> watchOuts) {

  public Learner {
    figures = Set.copyOf(figures);
    watchOuts = Map.copyOf(watchOuts);
    if (readiness < 0 || readiness > 999) {
      throw new IllegalArgumentException("Readiness from 0 to 999, not " + readiness);
    }
  }

  /** A group that has never seen the dance, nor any of its figures. */
  public static Learner fresh(TeachPace pace) {
    return new Learner(Set.of(), SectionSet.NONE, 0, pace, Map.of());
  }
}
