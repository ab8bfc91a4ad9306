package ulnaawl.server.terms;

import java.time.LocalDate;
import java.util.Map;
import java.util.stream.Collectors;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.plan.TermPlace;
import ulnaawl.server.classes.PlannedInTerm;

/** What the terms have in a class, so that its plan follows them. */
@Component
@RequiredArgsConstructor
class TermOfClass implements PlannedInTerm {

  private final TermStore store;
  private final Planners planners;

  @Override
  public Map<Long, TermPlace> on(long group, LocalDate date) {
    return store.all().stream()
        .filter(it -> it.has(group, date))
        .map(it -> it.only(group))
        .flatMap(it -> planners.of(it).planner().courses(it.plan()).stream())
        .filter(it -> it.group() == group)
        .collect(Collectors.toMap(it -> it.dance().id(), it -> it.seenFrom(date), TermPlace::or));
  }
}
