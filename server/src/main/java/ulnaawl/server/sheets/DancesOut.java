package ulnaawl.server.sheets;

import java.util.List;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.formats.table.ClubTable;
import ulnaawl.people.PeopleNames;
import ulnaawl.server.dances.DanceReader;
import ulnaawl.server.dances.DanceRow;
import ulnaawl.server.dances.DanceService;
import ulnaawl.server.dances.ReadDance;
import ulnaawl.server.exchange.Outgoing;

/** All dances in a table, with their step text and what it says. */
@Component
@RequiredArgsConstructor
class DancesOut implements Outgoing {

  private final DanceService dances;
  private final DanceReader reader;
  private final PeopleNames names;

  @Override
  public ClubTable table() {
    return ClubTable.DANCES;
  }

  @Override
  public List<List<String>> rows() {
    return dances.all().stream().map(this::row).toList();
  }

  private List<String> row(DanceRow row) {
    ReadDance read = reader.read(row.stepText());
    return List.of(
        row.title(),
        row.stepText(),
        read.usualLevel().label(),
        String.valueOf(read.dance().main().counts()),
        String.valueOf(read.dance().walls()),
        names.of(row.writtenBy()));
  }
}
