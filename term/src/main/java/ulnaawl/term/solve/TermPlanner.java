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

/** Plans a term, and says what a plan is worth. */
public final class TermPlanner {

  /** So many changes of dances are tried for one of a leader. */
  private static final double DANCES_BY_LEADERS = 6;

  /** A change is taken that is not worse than what there was so many steps ago. Found by trying. */
  private static final int LATE_ACCEPTANCE = 60;

  private static final SolverConfig CONFIG =
      new SolverConfig()
          .withSolutionClass(Term.class)
          .withEntityClasses(Slot.class, Leading.class)
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
                        .withEntitySelectorConfig(new EntitySelectorConfig(Leading.class))
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

  /** What a plan is worth, just as it is. */
  public Planned look(TermPlan plan) {
    return planned(maker.toLookAt(plan));
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
