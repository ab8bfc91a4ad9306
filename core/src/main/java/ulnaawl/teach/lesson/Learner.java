package ulnaawl.teach.lesson;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import ulnaawl.dance.SectionSet;
import ulnaawl.figure.Level;

/**
 * The group that is taught.
 *
 * @param figures names of the figures that it has met
 * @param brought what it has done of this dance before
 * @param pace how long the pieces of a teach take with it
 * @param watchOuts an instructor's notes on sections, by number
 * @param level its level, where it has one
 */
public record Learner(
    Set<String> figures,
    Brought brought,
    TeachPace pace,
    Map<Integer, String> watchOuts,
    Optional<Level> level) {

  public Learner {
    figures = Set.copyOf(figures);
    watchOuts = Map.copyOf(watchOuts);
  }

  /** A group that has never seen the dance, nor any of its figures. */
  public static Learner fresh(TeachPace pace) {
    return new Learner(Set.of(), Brought.NOTHING, pace, Map.of(), Optional.empty());
  }

  /** Sections of the dance that it has been shown. */
  public SectionSet shown() {
    return brought.shown();
  }
}
