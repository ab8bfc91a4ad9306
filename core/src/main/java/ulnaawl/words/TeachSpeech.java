package ulnaawl.words;

import ulnaawl.teach.Exposure;
import ulnaawl.teach.LadderWalk;
import ulnaawl.teach.Load;
import ulnaawl.teach.Mode;
import ulnaawl.teach.Piece;
import ulnaawl.teach.Say;
import ulnaawl.teach.School;
import ulnaawl.teach.SchoolReason;
import ulnaawl.teach.Scope;
import ulnaawl.teach.TeachReason;

/** Says what is taught, how, and why so. */
public interface TeachSpeech {

  String reason(TeachReason reason);

  String say(Say say);

  String load(Load.Part part);

  String school(School school);

  /** For whom and what a school is good. */
  String goodFor(School school);

  String why(SchoolReason reason);

  String scope(Scope scope);

  String piece(Piece piece);

  String mode(Mode mode);

  String exposure(Exposure exposure);

  String suggestion(LadderWalk.Suggestion suggestion);
}
