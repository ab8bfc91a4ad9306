package ulnaawl.words;

import ulnaawl.teach.TeachReason;
import ulnaawl.teach.ladder.LadderWalk;
import ulnaawl.teach.lesson.Exposure;
import ulnaawl.teach.lesson.Load;
import ulnaawl.teach.lesson.Mode;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.school.School;
import ulnaawl.teach.school.SchoolReason;

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
