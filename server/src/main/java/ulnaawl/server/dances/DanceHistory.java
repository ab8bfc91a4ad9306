package ulnaawl.server.dances;

import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.dance.edit.StepLines;
import ulnaawl.server.history.HistoryText;
import ulnaawl.server.history.Thing;

/**
 * Every version of a dance as its steps, for its history; as it is written where it has mistakes.
 */
@Component
@RequiredArgsConstructor
class DanceHistory implements HistoryText {

  private final DanceStore store;
  private final DanceReader reader;

  @Override
  public Thing thing() {
    return Thing.DANCE;
  }

  @Override
  public Optional<List<String>> lines(long id, int version, Optional<String> content) {
    return store
        .find(id, version)
        .map(row -> StepLines.of(reader.readOnce(row.stepText()).dance(), reader.book()));
  }

  /** What has mistakes is not known as steps, or not all of it. */
  @Override
  public boolean isOnlyWritten(long id, int version) {
    return store
        .find(id, version)
        .filter(row -> !reader.readOnce(row.stepText()).isSound())
        .isPresent();
  }

  @Override
  public Optional<List<String>> written(long id, int version, Optional<String> content) {
    return store.find(id, version).map(row -> row.stepText().lines().toList());
  }
}
