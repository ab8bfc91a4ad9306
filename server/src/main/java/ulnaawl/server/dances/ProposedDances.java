package ulnaawl.server.dances;

import org.springframework.stereotype.Component;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Thing;
import ulnaawl.server.proposals.Proposable;

/** Proposed step texts. */
@Component
class ProposedDances implements Proposable {

  private final DanceService dances;

  ProposedDances(DanceService dances) {
    this.dances = dances;
  }

  @Override
  public Thing thing() {
    return Thing.DANCE;
  }

  @Override
  public String title(long id) {
    return dances.get(id).title();
  }

  @Override
  public void take(long id, int version, String content, SignedIn me) {
    dances.change(id, version, content, me);
  }
}
