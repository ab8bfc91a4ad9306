package ulnaawl.words;

import ulnaawl.people.PeopleNames;

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

  static final Speech WITHOUT_PEOPLE = of(PeopleNames.NONE);

  static Speech of(PeopleNames names) {
    return new English(
        new EnglishLearning(names),
        new EnglishPlan(names),
        new EnglishLevel(),
        new EnglishTeach(),
        new EnglishWalls(),
        new EnglishSongs(),
        new EnglishSheets(),
        new EnglishHandover(names),
        new EnglishSocial());
  }
}
