package ulnaawl.server.runthrough;

import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.runthrough.RunThroughs.Rehearsed;
import ulnaawl.server.wire.ScopeView;

/** A run-through as a second screen shows it: the dance alone, nothing of a group. */
@Component
@RequiredArgsConstructor
public class ShownRun {

  private final RunThroughs runThroughs;
  private final RunThroughWriter writer;

  /**
   * What a scope of a dance shows.
   *
   * @throws Problem where the dance has no such scope
   */
  public RunThroughView of(long dance, ScopeView wanted) {
    Rehearsed rehearsed = runThroughs.get(dance, Optional.empty());
    return writer.view(rehearsed, rehearsed.scope(wanted));
  }
}
