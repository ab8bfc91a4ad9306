package ulnaawl.words;

import ulnaawl.song.Ending;
import ulnaawl.song.EndingReason;
import ulnaawl.song.EveningSong;
import ulnaawl.song.FloorSplit;
import ulnaawl.song.MusicMatch;
import ulnaawl.song.RestartHelper;

/** Says how a dance and a song, or two dances on one floor, go together. */
public interface SongSpeech {

  String match(MusicMatch.Scored reason);

  String use(MusicMatch.Use use);

  String ending(EndingReason reason);

  String endingName(Ending ending);

  String plan(RestartHelper.Kind kind);

  /** As a sheet says it: {@code wall 3: restart after 16, facing 9}. */
  String exception(RestartHelper.PlannedException exception);

  /** A changed step or a cut figure; may be empty. */
  String note(RestartHelper.PlannedException exception);

  String verdict(FloorSplit.Verdict verdict);

  String standing(FloorSplit.How how);

  /** What is not there to play a song on an evening. */
  String missing(EveningSong.Missing missing);
}
