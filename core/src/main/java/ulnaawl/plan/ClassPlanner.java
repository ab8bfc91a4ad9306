package ulnaawl.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import ulnaawl.plan.ClassLine.Filler;
import ulnaawl.plan.ClassLine.Subject;
import ulnaawl.plan.solve.Best;
import ulnaawl.plan.solve.ClassBlock;
import ulnaawl.plan.solve.ClassSolver;
import ulnaawl.plan.solve.Rules;

/**
 * Lays out the best class by the table of weights under the hard rules: to the minute; a warm-up
 * first and a cool-down last; a teach after one or two dances, with its practice to music straight
 * after it; a break at least every hour; neighbours of different style; never two very fast in a
 * row; for beginners neither two fast ones nor two teaches; each dance once. Where a group has too
 * few styles, neighbours differ in style or speed.
 */
public final class ClassPlanner {

  /** Points by which a class with neighbours of one style must be better to be taken. */
  private static final int WORTH_IT = 10;

  private final ClassRequest request;
  private final Frame frame;
  private final Choices choices;

  private ClassPlanner(ClassRequest request) {
    this.request = request;
    this.frame = new Frame(request.minutes(), request.level());
    this.choices = new Choices(request, frame);
  }

  /**
   * Plans a class. The same request gives the same plan.
   *
   * @throws IllegalArgumentException where lines that stay leave no class that keeps the rules
   */
  public static ClassPlan plan(ClassRequest request) {
    return new ClassPlanner(request).plan();
  }

  private ClassPlan plan() {
    Map<Integer, ClassBlock> locked = new HashMap<>();
    IdentityHashMap<ClassBlock, KeptLines> held = new IdentityHashMap<>();
    for (KeptLines one : choices.held()) {
      ClassBlock block = choices.locked(one);
      locked.put(one.first().start(), block);
      held.put(block, one);
    }
    Best best =
        best(locked)
            .orElseThrow(() ->
                new IllegalArgumentException(
                    "No class keeps the rules around the lines that stay."));
    return new ClassPlan(request.minutes(), lines(best, held), best.points(), best.gap());
  }

  /** Neighbours differ in style; in style or speed where that would leave minutes in hand. */
  private Optional<Best> best(Map<Integer, ClassBlock> locked) {
    Optional<Best> strict =
        choices.hasStyles()
            ? ClassSolver.solve(choices.blocks(), rules(true, locked))
            : Optional.empty();
    boolean full =
        strict.isPresent()
            && strict.get().blocks().stream().noneMatch(it -> it.role() == ClassBlock.Role.FREE);
    if (full) {
      return strict;
    }
    Optional<Best> loose = ClassSolver.solve(choices.blocks(), rules(false, locked));
    boolean worth =
        strict.isEmpty()
            || (loose.isPresent() && loose.get().points() > strict.get().points() + WORTH_IT);
    return worth ? loose : strict;
  }

  private Rules rules(boolean byStyle, Map<Integer, ClassBlock> locked) {
    return new Rules(
        request.minutes(), frame.pauses(), frame.isGentle(), byStyle, frame.effort(), locked);
  }

  private List<ClassLine> lines(Best best, IdentityHashMap<ClassBlock, KeptLines> held) {
    List<ClassLine> lines = new ArrayList<>();
    for (ClassBlock block : best.blocks()) {
      OptionalInt effort =
          block.effort() == ClassBlock.NO_EFFORT
              ? OptionalInt.empty()
              : OptionalInt.of(block.effort());
      KeptLines stays = held.get(block);
      if (stays != null) {
        for (ClassRequest.Lock lock : stays.lines()) {
          boolean first = lock.start() == stays.first().start();
          List<PlanReason> why = first ? List.of() : List.of(new PlanReason.TaughtToday());
          lines.add(
              new ClassLine(
                  lock.start(),
                  lock.minutes(),
                  lock.kind(),
                  lock.subject(),
                  effort,
                  first ? block.points() : 0,
                  why));
        }
        continue;
      }
      Choices.Meaning meaning = choices.meaning(block);
      append(lines, meaning.first(), effort, block.points());
      meaning.second().ifPresent(it -> append(lines, it, effort, 0));
    }
    return lines;
  }

  private static void append(
      List<ClassLine> lines, Choices.Part part, OptionalInt effort, int points) {
    int start = lines.isEmpty() ? 0 : lines.getLast().start() + lines.getLast().minutes();
    Subject inHand = new Subject.Without(Filler.IN_HAND);
    if (!lines.isEmpty()
        && part.subject().equals(inHand)
        && lines.getLast().subject().equals(inHand)) {
      ClassLine last = lines.removeLast();
      int minutes = last.minutes() + part.minutes();
      lines.add(
          new ClassLine(
              last.start(),
              minutes,
              last.kind(),
              inHand,
              effort,
              last.points() + points,
              List.of(new PlanReason.MinutesLeft(minutes))));
      return;
    }
    lines.add(
        new ClassLine(
            start, part.minutes(), part.kind(), part.subject(), effort, points, part.reasons()));
  }
}
