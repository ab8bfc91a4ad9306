package ulnaawl.server.terms;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Component;
import ulnaawl.server.history.Changes;
import ulnaawl.server.platform.Today;
import ulnaawl.server.terms.TermRow.InTerm;
import ulnaawl.term.TermProblem;
import ulnaawl.term.solve.TermPlanner;

/** Terms ready to be looked at, remembered until anything is changed. */
@Component
class Planners {

  private static final int REMEMBERED = 32;

  private final TermProblems problems;
  private final Changes changes;
  private final Today today;
  private final Cache<Key, Ready> known = Caffeine.newBuilder().maximumSize(REMEMBERED).build();

  Planners(TermProblems problems, Changes changes, Today today) {
    this.problems = problems;
    this.changes = changes;
    this.today = today;
  }

  private record Key(long term, List<InTerm> groups, LocalDate day, long changes) {}

  /** A term, what is to be planned in it, and who looks at it. */
  record Ready(TermRow term, TermProblem problem, TermPlanner planner) {}

  Ready of(TermRow term) {
    Key key = new Key(term.id(), term.groups(), today.date(), changes.soFar());
    return known.get(
        key,
        _ -> {
          TermProblem problem = problems.of(term);
          return new Ready(term, problem, new TermPlanner(problem));
        });
  }
}
