package ulnaawl.term.solve;

import ai.timefold.solver.core.api.score.analysis.ConstraintAnalysis;
import ai.timefold.solver.core.api.score.analysis.ScoreAnalysis;
import ai.timefold.solver.core.api.score.buildin.hardsoft.HardSoftScore;
import ai.timefold.solver.core.api.solver.SolutionManager;
import ai.timefold.solver.core.api.solver.Solver;
import ai.timefold.solver.core.api.solver.SolverFactory;
import ai.timefold.solver.core.config.constructionheuristic.ConstructionHeuristicPhaseConfig;
import ai.timefold.solver.core.config.constructionheuristic.placer.QueuedEntityPlacerConfig;
import ai.timefold.solver.core.config.heuristic.selector.common.SelectionCacheType;
import ai.timefold.solver.core.config.heuristic.selector.entity.EntitySelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.composite.UnionMoveSelectorConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.factory.MoveIteratorFactoryConfig;
import ai.timefold.solver.core.config.heuristic.selector.move.generic.ChangeMoveSelectorConfig;
import ai.timefold.solver.core.config.localsearch.LocalSearchPhaseConfig;
import ai.timefold.solver.core.config.localsearch.decider.acceptor.LocalSearchAcceptorConfig;
import ai.timefold.solver.core.config.localsearch.decider.forager.LocalSearchForagerConfig;
import ai.timefold.solver.core.config.solver.EnvironmentMode;
import ai.timefold.solver.core.config.solver.SolverConfig;
import ai.timefold.solver.core.config.solver.termination.TerminationConfig;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import java.util.stream.Stream;
import ulnaawl.term.Course;
import ulnaawl.term.TermMatch;
import ulnaawl.term.TermPlan;
import ulnaawl.term.TermProblem;
import ulnaawl.term.TermValue;
import ulnaawl.term.Wish;

/** Plans a term, and says what a plan is worth. */
public final class TermPlanner {

  /** So many changes of dances are tried for one of a leader. */
  private static final double DANCES_BY_LEADERS = 6;

  /** A change is taken that is not worse than what there was so many steps ago. Found by trying. */
  private static final int LATE_ACCEPTANCE = 60;

  private static final SolverConfig CONFIG =
      new SolverConfig()
          .withSolutionClass(Term.class)
          .withEntityClasses(Slot.class, ClassLeader.class)
          .withConstraintProviderClass(TermRules.class)
          .withPhases(begin(), search())
          .withEnvironmentMode(EnvironmentMode.NO_ASSERT);

  /** First each slot gets the best that fits at that moment; usual leaders stand already. */
  private static ConstructionHeuristicPhaseConfig begin() {
    return new ConstructionHeuristicPhaseConfig()
        .withEntityPlacerConfig(
            new QueuedEntityPlacerConfig()
                .withEntitySelectorConfig(
                    new EntitySelectorConfig(Slot.class)
                        .withId("slot")
                        .withCacheType(SelectionCacheType.PHASE))
                .withMoveSelectorConfigList(
                    List.of(
                        new ChangeMoveSelectorConfig()
                            .withEntitySelectorConfig(
                                EntitySelectorConfig.newMimicSelectorConfig("slot")))));
  }

  /** Dances with those who can teach them, and leaders by themselves. */
  private static LocalSearchPhaseConfig search() {
    return new LocalSearchPhaseConfig()
        .withMoveSelectorConfig(
            new UnionMoveSelectorConfig(
                List.of(
                    new MoveIteratorFactoryConfig()
                        .withMoveIteratorFactoryClass(CourseMoves.class)
                        .withFixedProbabilityWeight(DANCES_BY_LEADERS),
                    new ChangeMoveSelectorConfig()
                        .withEntitySelectorConfig(new EntitySelectorConfig(ClassLeader.class))
                        .withFixedProbabilityWeight(1.0))))
        .withAcceptorConfig(new LocalSearchAcceptorConfig().withLateAcceptanceSize(LATE_ACCEPTANCE))
        .withForagerConfig(new LocalSearchForagerConfig().withAcceptedCountLimit(1));
  }

  private static final SolutionManager<Term, HardSoftScore> LOOKING =
      SolutionManager.create(
          SolverFactory.<Term>create(
              CONFIG
                  .copyConfig()
                  .withTerminationConfig(new TerminationConfig().withStepCountLimit(1))));

  private final TermMaker maker;
  private final AtomicBoolean stopped = new AtomicBoolean();
  private volatile Optional<Solver<Term>> running = Optional.empty();

  public TermPlanner(TermProblem problem) {
    this.maker = new TermMaker(problem);
  }

  /**
   * How hard it tries. Two runs that end by moves come to the same plan; one that ends by time may
   * not. Steps are no measure: where nothing is better, a step may look for a better one for ever.
   *
   * @param moves so many changes are tried
   * @param most it ends after that, whatever it has
   * @param seed of what it does by chance
   */
  public record Effort(long moves, Duration most, long seed) {

    /** Something that holds, soon. */
    public static final Effort QUICK = new Effort(20_000, Duration.ofSeconds(10), 1);

    /** For a club: some seconds. */
    public static final Effort USUAL = new Effort(250_000, Duration.ofSeconds(15), 1);
  }

  /**
   * How far it is.
   *
   * @param broken how badly rules are broken that hold always
   * @param points what the best plan so far is worth besides
   */
  public record Progress(Duration spent, long broken, long points) {}

  /**
   * Something that could stand in the place of something else.
   *
   * @param breaks how badly that breaks rules that hold always, besides what is broken already
   * @param points what it adds; less than 0 where it is worth less
   */
  public record Instead(Course course, long breaks, long points) {}

  /**
   * A wish that is not met.
   *
   * @param best where it would do least harm; empty where the term has no place for it at all
   * @param gives the rules that would be broken there
   * @param points what it would add there besides; less than 0 where something else is worth more
   */
  public record Unmet(Wish wish, Optional<Course> best, List<TermMatch> gives, long points) {
    public Unmet {
      gives = List.copyOf(gives);
    }

    long breaks() {
      return -gives.stream().mapToLong(TermMatch::points).sum();
    }
  }

  /** A plan with what it is worth. */
  public record Planned(TermPlan plan, TermValue value, List<Course> courses) {
    public Planned {
      courses = List.copyOf(courses);
    }
  }

  /**
   * Makes a plan, or the plan until now better, until it has tried enough, the time is over, or
   * somebody stops it; then what it has come to is the answer.
   *
   * @param tell hears of each better plan
   */
  public Planned plan(Effort effort, Consumer<Progress> tell) {
    Solver<Term> solver =
        SolverFactory.<Term>create(
                CONFIG
                    .copyConfig()
                    .withRandomSeed(effort.seed())
                    .withTerminationConfig(
                        new TerminationConfig()
                            .withMoveCountLimit(effort.moves())
                            .withSpentLimit(effort.most())))
            .buildSolver();
    solver.addEventListener(event -> {
      HardSoftScore score = (HardSoftScore) event.getNewBestScore();
      tell.accept(
          new Progress(
              Duration.ofMillis(event.getTimeMillisSpent()),
              -score.hardScore(),
              score.softScore()));
      if (stopped.get()) {
        solver.terminateEarly();
      }
    });
    running = Optional.of(solver);
    if (stopped.get()) {
      solver.terminateEarly();
    }
    try {
      return planned(solver.solve(maker.toImprove()));
    } finally {
      running = Optional.empty();
    }
  }

  /** Stops it; {@link #plan} answers with the best so far. */
  public void stop() {
    stopped.set(true);
    running.ifPresent(Solver::terminateEarly);
  }

  /** What a plan comes to, class by class, without its worth. */
  public List<Course> courses(TermPlan plan) {
    return TermMaker.courses(maker.toLookAt(plan));
  }

  /** What a plan is worth, just as it is. */
  public Planned look(TermPlan plan) {
    return planned(maker.toLookAt(plan));
  }

  /**
   * What could stand in the place of a new dance, the best first.
   *
   * @param plan in which it stands
   * @param most so many at the most
   */
  public List<Instead> instead(TermPlan plan, long group, long dance, int most) {
    Term term = maker.toLookAt(plan);
    Optional<Slot> slot =
        term.getSlots().stream()
            .filter(it -> it.getGroup() == group && !it.isEmpty() && it.danceIn() == dance)
            .findFirst();
    if (slot.isEmpty()) {
      return List.of();
    }
    Slot here = slot.get();
    HardSoftScore now = score(term);
    Course was = here.in();
    List<Instead> found = new ArrayList<>();
    for (Course other : here.getOptions()) {
      boolean sameTime = other.start() == was.start();
      boolean sameDance = other.dance().id() == dance;
      if (sameTime != sameDance) {
        here.setCourse(other);
        HardSoftScore then = score(term);
        found.add(
            new Instead(
                other,
                (long) now.hardScore() - then.hardScore(),
                (long) then.softScore() - now.softScore()));
      }
    }
    return found.stream()
        .sorted(
            Comparator.comparingLong(Instead::breaks)
                .thenComparing(Comparator.comparingLong(Instead::points).reversed()))
        .limit(most)
        .toList();
  }

  /** What is wished and does not stand in a plan, and what would have to give for it. */
  public List<Unmet> unmet(TermPlan plan) {
    Planned now = look(plan);
    return maker.problem().wishes().stream()
        .filter(it -> plan.start(it.group(), it.dance()).isEmpty())
        .map(it -> unmet(plan, now, it))
        .toList();
  }

  private Unmet unmet(TermPlan plan, Planned now, Wish wish) {
    return maker.fresh(wish.group()).stream()
        .filter(it -> it.dance().id() == wish.dance())
        .map(it -> {
          TermPlan with = plan.with(wish.group(), wish.dance(), Optional.of(it.first().date()));
          TermValue then = look(with).value();
          List<TermMatch> broken =
              then.brokenRules().stream()
                  .filter(match -> !now.value().matches().contains(match))
                  .toList();
          return new Unmet(wish, Optional.of(it), broken, then.points() - now.value().points());
        })
        .min(
            Comparator.comparingLong(Unmet::breaks)
                .thenComparing(Comparator.comparingLong(Unmet::points).reversed()))
        .orElse(new Unmet(wish, Optional.empty(), List.of(), 0));
  }

  private static HardSoftScore score(Term term) {
    return Objects.requireNonNull(LOOKING.update(term));
  }

  private Planned planned(Term term) {
    ScoreAnalysis<HardSoftScore> analysis = LOOKING.analyze(term);
    HardSoftScore score = Objects.requireNonNull(analysis.score());
    List<TermMatch> matches =
        analysis.constraintAnalyses().stream()
            .flatMap(TermPlanner::matches)
            .filter(it -> it.points() != 0)
            .toList();
    return new Planned(
        maker.plan(term),
        new TermValue(-score.hardScore(), score.softScore(), matches),
        TermMaker.courses(term));
  }

  private static Stream<TermMatch> matches(ConstraintAnalysis<HardSoftScore> of) {
    return of.matches().stream()
        .map(it -> ((TermMatch) it.justification()).worth(Priced.points(it.score())));
  }
}
