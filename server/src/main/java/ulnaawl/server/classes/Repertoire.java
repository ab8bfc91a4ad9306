package ulnaawl.server.classes;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import ulnaawl.figure.FigureBook;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Vocabulary;
import ulnaawl.learning.Vocabulary.Experience;
import ulnaawl.people.PersonId;
import ulnaawl.plan.DanceForGroup;
import ulnaawl.plan.TermPlace;
import ulnaawl.plan.Theme;
import ulnaawl.plan.Wishes;
import ulnaawl.server.calendar.Themes;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.learning.RecordService;
import ulnaawl.server.learning.Standings;
import ulnaawl.server.learning.Standings.GroupDance;
import ulnaawl.server.requests.RequestRow;
import ulnaawl.server.requests.Requests;

/** The club's dances as a planner sees them for one group. */
@Component
@RequiredArgsConstructor
public class Repertoire {

  private final GroupService groups;
  private final RecordService record;
  private final Requests requests;
  private final Standings standings;
  private final DanceReader reader;
  private final Themes themes;
  private final ObjectProvider<PlannedInTerm> term;

  /**
   * All dances that can be danced, as a group stands with them on a day.
   *
   * @param leader who leads; empty where nobody was named, who then is taken to know everything
   */
  public List<DanceForGroup> of(GroupRow group, LocalDate date, Optional<PersonId> leader) {
    List<GroupDance> all = standings.of(group.id(), date);
    Set<String> met = Standings.figuresMet(all);
    FigureBook book = reader.book();
    Map<Long, Integer> others = knownElsewhere(group, date);
    List<RequestRow> asked =
        requests.of(group.id()).stream()
            .filter(Requests.Asked::isOpen)
            .map(Requests.Asked::row)
            .toList();
    List<Theme> now = themes.all();
    Map<Long, Set<String>> tags = themes.tags();
    Map<Long, TermPlace> inTerm = term.getObject().on(group.id(), date);
    Optional<Set<Long>> led = leader.map(record::ledBy);
    return all.stream()
        .filter(one -> !one.row().archived() && one.dance().sound())
        .map(one ->
            DanceForGroup.of(
                one.row().id(),
                one.dance().facts(),
                book,
                one.standing(),
                met,
                new Wishes(
                    wanted(one.row().id(), asked),
                    Theme.of(
                        now,
                        date,
                        one.dance().facts(),
                        tags.getOrDefault(one.row().id(), Set.of())),
                    others.getOrDefault(one.row().id(), 0),
                    led.map(it -> it.contains(one.row().id())).orElse(true),
                    inTerm.getOrDefault(one.row().id(), new TermPlace.Nowhere()))))
        .toList();
  }

  /** The figures that a group has met on the way. */
  Vocabulary vocabulary(GroupRow group, LocalDate date) {
    return Vocabulary.of(
        standings.of(group.id(), date).stream()
            .filter(one -> !one.standing().shown().isEmpty())
            .map(one ->
                new Experience(
                    one.row().title(),
                    one.dance().facts().figuresIn(one.standing().shown()),
                    one.standing().stage()))
            .toList());
  }

  /** How many other groups know each dance. */
  private Map<Long, Integer> knownElsewhere(GroupRow group, LocalDate date) {
    Map<Long, Integer> known = new HashMap<>();
    for (GroupRow other : groups.all()) {
      if (other.id() != group.id()) {
        for (GroupDance one : standings.of(other.id(), date)) {
          if (one.standing().stage() == Stage.KNOWN) {
            known.merge(one.row().id(), 1, Integer::sum);
          }
        }
      }
    }
    return known;
  }

  private static List<Wishes.Request> wanted(long dance, List<RequestRow> asked) {
    return asked.stream().filter(it -> it.dance() == dance).map(RequestRow::wish).toList();
  }
}
