package ulnaawl.server.terms;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.Today;
import ulnaawl.term.TermPlan;

/** Who is to lead classes that are to come, as the terms have it. */
@Component
@RequiredArgsConstructor
public class PlannedLeaders {

  private final TermStore store;
  private final TermProblems problems;
  private final Today today;

  private record GroupDay(long group, LocalDate on) {}

  /** The leaders by name, at one moment. */
  public static final class Names {
    private final Map<GroupDay, String> names;

    private Names(Map<GroupDay, String> names) {
      this.names = Map.copyOf(names);
    }

    /** Who is to lead the class of a group on a day; the class itself may know better. */
    public Optional<String> of(long group, LocalDate on) {
      return Optional.ofNullable(names.get(new GroupDay(group, on)));
    }
  }

  /** As it is planned now; where two terms plan the same class, the later term's word counts. */
  public Names now() {
    Map<Long, String> people = problems.names();
    Map<GroupDay, String> found = new HashMap<>();
    List<TermRow> terms = store.all();
    for (TermRow term : terms) {
      for (TermPlan.Led led : term.plan().led()) {
        String name = people.get(led.leader());
        if (name != null && !led.on().isBefore(today.date())) {
          found.putIfAbsent(new GroupDay(led.group(), led.on()), name);
        }
      }
    }
    return new Names(found);
  }
}
