package ulnaawl.server.dances;

import lombok.RequiredArgsConstructor;
import org.springframework.stereotype.Component;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Thing;
import ulnaawl.server.proposals.Proposable;

/** Proposed step texts. */
@Component
@RequiredArgsConstructor
class ProposedDances implements Proposable {

  private final DanceService dances;

  @Override
  public Thing thing() {
    return Thing.DANCE;
  }

  @Override
  public boolean mayChange(SignedIn me) {
    return me.may(Ability.CHANGE_DANCES);
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
