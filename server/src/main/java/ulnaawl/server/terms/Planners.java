package ulnaawl.server.terms;

import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;
import ulnaawl.server.history.Changes;
import ulnaawl.server.history.UntilChanged;
import ulnaawl.server.platform.Today;
import ulnaawl.server.terms.TermRow.InTerm;
import ulnaawl.term.TermProblem;
import ulnaawl.term.solve.TermPlanner;

/** Terms ready to be looked at, remembered until anything is changed. */
@Component
class Planners {

  private static final int REMEMBERED = 32;

  private final TermProblems problems;
  private final Today today;
  private final UntilChanged<Key, Ready> known;

  Planners(TermProblems problems, Changes changes, Today today) {
    this.problems = problems;
    this.known = new UntilChanged<>(changes, REMEMBERED);
    this.today = today;
  }

  private record Key(long term, List<InTerm> groups, LocalDate day) {}

  /** A term, what is to be planned in it, and who looks at it. */
  record Ready(TermRow term, TermProblem problem, TermPlanner planner) {}

  Ready of(TermRow term) {
    return known.get(
        new Key(term.id(), term.groups(), today.date()),
        _ -> {
          TermProblem problem = problems.of(term);
          return new Ready(term, problem, new TermPlanner(problem));
        });
  }
}
