package ulnaawl.words;

import ulnaawl.level.LevelReason;

/** Says what makes a level. */
public interface LevelSpeech {

  String reason(LevelReason reason);
}
