package ulnaawl.formats.sound;

import ulnaawl.check.CheckSuite;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Meter;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.Tempo;
import ulnaawl.play.Performance;
import ulnaawl.play.Track;
import ulnaawl.play.band.BandPart;
import ulnaawl.play.band.Feel;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;
import ulnaawl.words.Speech;

/** An invented dance with a tag and a restart, played. */
final class Played {

  static final String TEXT =
      """
      title: Señor Kettle
      start: weight L
      song: Kettle / The Lids / 112 bpm / 1:40

      section 1
      1-4    vine R, touch L
      5-8    side L, touch R, side R, touch L

      section 2
      1-4    vine L, scuff R
      5-6    rock R fwd
      7&8    shuffle R back

      section 3
      1-2    rock L back
      3&4    shuffle L fwd
      5-6    step pivot R 1/2 L
      7-8    walk R L

      tag Lull
      1-4    sway R L R L

      phrasing
      after wall 1: tag Lull
      wall 2: restart after 8
      """;

  private static final Dance DANCE = CheckSuite.check(TEXT, FigureBook.standard()).dance();

  private Played() {}

  static Performance at(Scope scope, Tempo rate) {
    Lesson lesson = new Lesson(DANCE, FigureBook.standard(), Learner.fresh(TeachPace.PLAIN));
    return Performance.of(Track.of(lesson, scope), Meter.FOUR, rate, Speech.english().walls());
  }

  static BandPart band(Performance performance) {
    return BandPart.of(performance.track(), Meter.FOUR, Feel.STRAIGHT, SongPhrases.UNKNOWN);
  }
}
