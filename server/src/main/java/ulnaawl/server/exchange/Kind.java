package ulnaawl.server.exchange;

import java.util.Set;
import ulnaawl.server.access.Ability;
import ulnaawl.server.access.OwnedByAnother;
import ulnaawl.server.access.SignedIn;

/** What comes in, in the order in which it does: what others name comes before them. */
public enum Kind {
  GROUPS("groups", Ability.PLAN),
  DANCES("dances", Ability.CHANGE_DANCES),
  SONGS("songs", Ability.CHANGE_DANCES),
  CLOSED_DAYS("closed days", Ability.CALENDAR),
  REGISTER("names of a register", Ability.LOG, Ability.EVERY_CLASS),
  CLASSES("classes", Ability.LEAD, Ability.EVERY_CLASS),
  RECORD("entries of the record", Ability.LOG, Ability.EVERY_CLASS);

  private final String label;
  private final Set<Ability> needs;

  Kind(String label, Ability... needs) {
    this.label = label;
    this.needs = Set.of(needs);
  }

  /** Lets somebody take it in, or out again, who may write it without a file. */
  void need(SignedIn me) {
    if (!needs.stream().allMatch(me::may)) {
      throw new OwnedByAnother(
          "Your role does not let you write " + label + "; leave them out, or ask an owner.");
    }
  }

  /** What several of it are called, in a sentence. */
  String label() {
    return label;
  }
}
