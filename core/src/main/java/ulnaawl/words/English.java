package ulnaawl.words;

/** English, in an instructor's own words. */
record English(
    LearningSpeech learning,
    PlanSpeech plan,
    LevelSpeech level,
    TeachSpeech teach,
    WallSpeech walls,
    SongSpeech songs,
    SheetSpeech sheets,
    HandoverSpeech handover,
    SocialSpeech social)
    implements Speech {

  static final Speech SPEECH =
      new English(
          new EnglishLearning(),
          new EnglishPlan(),
          new EnglishLevel(),
          new EnglishTeach(),
          new EnglishWalls(),
          new EnglishSongs(),
          new EnglishSheets(),
          new EnglishHandover(),
          new EnglishSocial());
}
