package ulnaawl.term.solve;

import ai.timefold.solver.core.api.score.director.ScoreDirector;
import ai.timefold.solver.core.impl.heuristic.selector.move.factory.MoveIteratorFactory;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import ulnaawl.term.Appearance;
import ulnaawl.term.ClassOn;
import ulnaawl.term.Course;
import ulnaawl.term.Leader;

/**
 * Other courses for a slot, by chance: often the same dance at another time, now and then nothing,
 * else any. Who leads goes along: a dance that nobody there can teach is worth nothing, and a
 * leader who comes without it neither.
 */
public class CourseMoves implements MoveIteratorFactory<Term, CourseMove> {

  private static final int ONE_IN = 12;
  private static final int SAME_DANCE = 4;
  private static final int NOTHING = 1;

  private final Map<ClassOn, ClassLeader> leadings = new HashMap<>();
  private final List<Slot> free = new ArrayList<>();

  @Override
  public void phaseStarted(ScoreDirector<Term> director) {
    Term term = director.getWorkingSolution();
    leadings.clear();
    free.clear();
    term.getLeadings().forEach(it -> leadings.put(it.getAt(), it));
    term.getSlots().stream()
        .filter(it -> !it.isFixed() && !it.getOptions().isEmpty())
        .forEach(free::add);
  }

  @Override
  public long getSize(ScoreDirector<Term> director) {
    return free.stream().mapToLong(it -> it.getOptions().size() + 1L).sum();
  }

  @Override
  public Iterator<CourseMove> createOriginalMoveIterator(ScoreDirector<Term> director) {
    return free.stream()
        .flatMap(slot ->
            Stream.concat(
                    Stream.of(Optional.<Course>empty()),
                    slot.getOptions().stream().map(Optional::of))
                .map(to -> move(slot, to, new Random(0))))
        .iterator();
  }

  @Override
  public Iterator<CourseMove> createRandomMoveIterator(
      ScoreDirector<Term> director, Random chance) {
    return new Iterator<>() {
      @Override
      public boolean hasNext() {
        return !free.isEmpty();
      }

      @Override
      public CourseMove next() {
        Slot slot = free.get(chance.nextInt(free.size()));
        return move(slot, other(slot, chance), chance);
      }
    };
  }

  private static Optional<Course> other(Slot slot, Random chance) {
    int which = chance.nextInt(ONE_IN);
    if (which < NOTHING) {
      return Optional.empty();
    }
    List<Course> options = slot.getOptions();
    Course any = options.get(chance.nextInt(options.size()));
    if (which < SAME_DANCE && !slot.isEmpty()) {
      long dance = slot.danceIn();
      List<Course> same = options.stream().filter(it -> it.dance().id() == dance).toList();
      return same.isEmpty() ? Optional.of(any) : Optional.of(same.get(chance.nextInt(same.size())));
    }
    return Optional.of(any);
  }

  private CourseMove move(Slot slot, Optional<Course> to, Random chance) {
    List<CourseMove.Change> changes = new ArrayList<>();
    to.stream()
        .flatMap(it -> it.appearances().stream())
        .filter(Appearance::isTeach)
        .forEach(it -> leader(it, chance).ifPresent(changes::add));
    return new CourseMove(slot, to, changes);
  }

  /** Somebody who can teach it, where who leads cannot. */
  private Optional<CourseMove.Change> leader(Appearance one, Random chance) {
    long dance = one.dance().id();
    Optional<ClassLeader> leading =
        Optional.ofNullable(leadings.get(one.at()))
            .filter(it -> !it.isFixed())
            .filter(it -> it.isNobody() || !it.who().canTeach(dance));
    return leading.flatMap(it -> {
      List<Leader> could =
          it.getOptions().stream().filter(leader -> leader.canTeach(dance)).toList();
      return could.isEmpty()
          ? Optional.empty()
          : Optional.of(new CourseMove.Change(it, could.get(chance.nextInt(could.size()))));
    });
  }
}
