package ulnaawl.words;

/** A language: everything that the core found, as sentences for an instructor. */
public interface Speech {

  LearningSpeech learning();

  PlanSpeech plan();

  LevelSpeech level();

  TeachSpeech teach();

  WallSpeech walls();

  SongSpeech songs();

  SheetSpeech sheets();

  HandoverSpeech handover();

  SocialSpeech social();

  /** The language that ships. */
  static Speech english() {
    return English.SPEECH;
  }
}
