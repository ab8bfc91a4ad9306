package ulnaawl.words;

import ulnaawl.people.PeopleNames;

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

  /** The language that ships, where nobody of the club is spoken of. */
  static Speech english() {
    return English.WITHOUT_PEOPLE;
  }

  /** The language that ships. */
  static Speech english(PeopleNames names) {
    return English.of(names);
  }
}
