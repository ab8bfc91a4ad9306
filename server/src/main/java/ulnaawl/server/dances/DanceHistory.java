package ulnaawl.server.dances;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import ulnaawl.server.history.HistoryText;
import ulnaawl.server.history.Thing;

/** The text of every version of a dance, for its history. */
@Component
class DanceHistory implements HistoryText {

  private final DanceStore store;

  DanceHistory(DanceStore store) {
    this.store = store;
  }

  @Override
  public Thing thing() {
    return Thing.DANCE;
  }

  @Override
  public Optional<List<String>> lines(long id, int version, Optional<String> content) {
    return store.find(id, version).map(row -> row.stepText().lines().toList());
  }
}
