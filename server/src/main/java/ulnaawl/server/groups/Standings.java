package ulnaawl.server.groups;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import ulnaawl.learning.Evidence;
import ulnaawl.learning.LearningRecord;
import ulnaawl.learning.Stage;
import ulnaawl.learning.Standing;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;

/** Where groups stand with the club's dances; computed from the record whenever it is asked. */
@Component
public class Standings {

  private final GroupService groups;
  private final DanceService dances;
  private final DanceReader reader;

  Standings(GroupService groups, DanceService dances, DanceReader reader) {
    this.groups = groups;
    this.dances = dances;
    this.reader = reader;
  }

  /** A dance, read, and where one group stands with it. */
  public record Known(DanceRow row, ReadDance dance, Standing standing) {}

  /** All dances of the club, as a group stands with them on a day. */
  public List<Known> of(long group, LocalDate day) {
    return of(groups.evidenceOf(group), dances.all(), day);
  }

  /** All dances, as the group of this evidence stands with them. */
  List<Known> of(List<EvidenceRow> rows, List<DanceRow> all, LocalDate day) {
    Map<Long, List<Evidence>> byDance = new HashMap<>();
    for (EvidenceRow row : rows) {
      byDance.computeIfAbsent(row.dance(), _ -> new java.util.ArrayList<>()).add(row.evidence());
    }
    return all.stream()
        .map(dance -> {
          ReadDance read = reader.read(dance.stepText());
          return new Known(
              dance,
              read,
              LearningRecord.standing(
                  byDance.getOrDefault(dance.id(), List.of()), read.sections(), day));
        })
        .toList();
  }

  /** Names of the figures that a group has met in what it has been shown. */
  public static Set<String> figuresMet(List<Known> known) {
    Set<String> met = new HashSet<>();
    for (Known one : known) {
      if (one.standing().stage() != Stage.NOT_STARTED) {
        one.dance().dance().sections().stream()
            .filter(section -> section.number() <= one.standing().sections())
            .flatMap(section -> section.places().stream())
            .forEach(place -> met.add(place.figure()));
      }
    }
    return met;
  }
}
