package ulnaawl.words;

import ulnaawl.play.Announcer;
import ulnaawl.wall.CallSheet;
import ulnaawl.wall.DancedSection;
import ulnaawl.wall.EventId;
import ulnaawl.wall.WallRing;
import ulnaawl.wall.where.ClaimReason;
import ulnaawl.wall.where.WhereAreWe;

/** Says which wall it is and what is called on it. */
public interface WallSpeech extends Announcer {

  String event(EventId event);

  /** What is danced there: {@code section 3}, {@code the tag Lull}. */
  String danced(DancedSection section);

  /** What to call: {@code Restart}, {@code Tag Lull}. */
  String call(CallSheet.What what);

  /** What is called over the music, with its steps, as far as there is time for them. */
  String shout(CallSheet.Call call);

  /** Steps with their counts: {@code 1-4 sway right left right left}. */
  String steps(CallSheet.Steps steps);

  String then(CallSheet.Then then);

  String claim(ClaimReason reason);

  /** Why it can be this wall. */
  String candidate(WhereAreWe.Candidate candidate);

  String dropped(WhereAreWe.Clue clue);

  String rotation(WallRing.Rotation rotation);
}
