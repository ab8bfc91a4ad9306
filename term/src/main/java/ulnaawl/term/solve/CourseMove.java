package ulnaawl.term.solve;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.move.AbstractMove;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.term.Course;
import ulnaawl.term.Leader;

/** A slot gets another course, and the classes in which it is taught leaders who can. */
@RequiredArgsConstructor
final class CourseMove extends AbstractMove<Term> {

  private static final String COURSE = "course";
  private static final String LEADER = "leader";

  private final Slot slot;
  private final Optional<Course> course;
  private final List<Change> leaders;

  /** Somebody else leads a class. */
  record Change(ClassLeader leading, Leader leader) {}

  @Override
  public boolean isMoveDoable(ScoreDirector<Term> director) {
    return !Objects.equals(slot.getCourse(), course.orElse(null));
  }

  @Override
  protected void doMoveOnGenuineVariables(ScoreDirector<Term> director) {
    director.beforeVariableChanged(slot, COURSE);
    slot.setCourse(course.orElse(null));
    director.afterVariableChanged(slot, COURSE);
    for (Change change : leaders) {
      director.beforeVariableChanged(change.leading(), LEADER);
      change.leading().setLeader(change.leader());
      director.afterVariableChanged(change.leading(), LEADER);
    }
  }

  @Override
  public String toString() {
    return slot + " -> " + course + leaders;
  }
}
