package ulnaawl.server.terms;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.people.PersonId;
import ulnaawl.server.people.PeopleService;
import ulnaawl.server.platform.Today;
import ulnaawl.term.TermPlan;

/** Who is to lead classes that are to come, as the terms have it. */
@Component
@RequiredArgsConstructor
public class PlannedLeaders {

  private final TermStore store;
  private final PeopleService people;
  private final Today today;

  private record GroupDay(long group, LocalDate on) {}

  /** Who leads which class, at one moment. */
  public static final class AtOnce {
    private final Map<GroupDay, PersonId> leaders;

    private AtOnce(Map<GroupDay, PersonId> leaders) {
      this.leaders = Map.copyOf(leaders);
    }

    /** Who is to lead the class of a group on a day; the class itself may know better. */
    public Optional<PersonId> of(long group, LocalDate on) {
      return Optional.ofNullable(leaders.get(new GroupDay(group, on)));
    }
  }

  /** As it is planned now; where two terms plan the same class, the later term's word counts. */
  public AtOnce now() {
    Set<PersonId> here = Set.copyOf(people.leaders());
    Map<GroupDay, PersonId> found = new HashMap<>();
    List<TermRow> terms = store.all();
    for (TermRow term : terms) {
      for (TermPlan.Led led : term.plan().led()) {
        PersonId leader = new PersonId(led.leader());
        if (here.contains(leader) && !led.on().isBefore(today.date())) {
          found.putIfAbsent(new GroupDay(led.group(), led.on()), leader);
        }
      }
    }
    return new AtOnce(found);
  }
}
