package ulnaawl.server.terms;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Semaphore;
import java.util.function.IntPredicate;
import lombok.RequiredArgsConstructor;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.Problem;
import ulnaawl.term.TermChange;
import ulnaawl.term.TermPlan;
import ulnaawl.term.TermProblem;
import ulnaawl.term.solve.TermPlanner;
import ulnaawl.term.solve.TermPlanner.Effort;
import ulnaawl.term.solve.TermPlanner.Planned;
import ulnaawl.term.solve.TermPlanner.Progress;

/** Plans that are being made, one of a term at a time and two at all. */
@Component
@RequiredArgsConstructor
class TermJobs {

  private static final Logger LOG = LoggerFactory.getLogger(TermJobs.class);
  private static final Progress BEGUN = new Progress(Duration.ZERO, 0, 0);

  private final Planners planners;
  private final Map<Long, Job> jobs = new ConcurrentHashMap<>();
  private final Semaphore room = new Semaphore(2);

  /** What is going on, or what it has come to. */
  static final class Job {
    private final int version;
    private final TermProblem problem;
    private final TermPlanner planner;
    private volatile Progress progress = BEGUN;
    private volatile Optional<Planned> planned = Optional.empty();
    private volatile boolean failed;

    Job(int version, TermProblem problem) {
      this.version = version;
      this.problem = problem;
      this.planner = new TermPlanner(problem);
    }

    int version() {
      return version;
    }

    TermProblem problem() {
      return problem;
    }

    Progress progress() {
      return progress;
    }

    Optional<Planned> planned() {
      return planned;
    }

    boolean isRunning() {
      return planned.isEmpty() && !failed;
    }

    boolean isFailed() {
      return failed;
    }

    /**
     * The plan of a term with what this job has come to.
     *
     * @param chosen which of the changes are taken, by number
     */
    TermPlan taken(TermRow term, IntPredicate chosen) {
      TermPlan found =
          planned.orElseThrow(() -> Problem.conflict("This plan is still being made.")).plan();
      if (version != term.version()) {
        throw Problem.conflict(
            "The term was changed since this plan was begun; plan it once more.");
      }
      return TermChange.some(TermChange.between(before(), found), chosen, term.plan());
    }

    TermPlan before() {
      return problem.before().orElse(TermPlan.NOTHING);
    }
  }

  /** Begins; where one is running for that term already, it goes on. */
  Job begin(TermRow term) {
    Optional<Job> running = of(term.id()).filter(Job::isRunning);
    if (running.isPresent()) {
      return running.get();
    }
    if (!room.tryAcquire()) {
      throw Problem.tooMany("Two terms are being planned already; wait until one is done.");
    }
    TermProblem problem = planners.of(term).problem();
    Job job =
        new Job(
            term.version(), term.plan().starts().isEmpty() ? problem : problem.with(term.plan()));
    jobs.put(term.id(), job);
    Thread.ofPlatform()
        .daemon()
        .name("term-" + term.id())
        .start(() -> {
          try {
            job.planned = Optional.of(job.planner.plan(Effort.USUAL, now -> job.progress = now));
          } catch (RuntimeException broken) {
            LOG.error("The plan of term {} was not finished", term.id(), broken);
            job.failed = true;
          } finally {
            room.release();
          }
        });
    return job;
  }

  Optional<Job> of(long term) {
    return Optional.ofNullable(jobs.get(term));
  }

  /** Stops it; what it has come to is its answer. */
  void stop(long term) {
    of(term).ifPresent(it -> it.planner.stop());
  }

  void forget(long term) {
    jobs.remove(term);
  }
}
