package ulnaawl.play.band;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.music.Meter;
import ulnaawl.music.SongPhrases;
import ulnaawl.play.Track;
import ulnaawl.teach.lesson.Learner;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.lesson.TeachPace;

/** The band's bars against the phrases of a song; our own arrangement, no source. */
public class BandPartTest {

  private static Track track(Scope scope) {
    Dance dance = Dances.dance(Dances.paperLanterns());
    return Track.of(
        new Lesson(dance, FigureBook.standard(), Learner.fresh(TeachPace.PLAIN)), scope);
  }

  /** 32, then 36: a cymbal where each begins, a fill before the next, the odd bar kept whole. */
  @Test
  public void barsFollowThePhrases() {
    SongPhrases phrases = SongPhrases.parse("32 36 30");
    BandPart part = BandPart.of(track(new Scope.Walls(1, 3)), Meter.FOUR, Feel.STRAIGHT, phrases);
    assertEquals(
        part.bars().stream().filter(BandPart.Bar::begins).map(bar -> bar.tick() / 12).toList(),
        List.of(0, 32, 68, 98));
    assertEquals(
        part.bars().stream()
            .filter(bar -> bar.kind() == Bars.Kind.FILL)
            .map(bar -> bar.tick() / 12)
            .toList(),
        List.of(28, 64, 96));
    // 30 counts are seven bars and a half one, and nothing of it sounds in the next phrase.
    assertEquals(part.bars().stream().filter(bar -> bar.ticks() == 24).count(), 1);
    assertTrue(
        part.hits(track(new Scope.Walls(1, 3)).ticks()).stream()
            .allMatch(hit -> hit.tick() >= 0 && hit.tick() < 100 * 12));
  }

  /** A section from the middle of the song is played as the song has it there. */
  @Test
  public void theBandKnowsWhereTheSongIs() {
    BandPart part =
        BandPart.of(
            track(new Scope.OneSection(4)), Meter.FOUR, Feel.STRAIGHT, SongPhrases.parse("32x10"));
    assertEquals(
        part.bars().stream().map(BandPart.Bar::kind).toList(),
        List.of(Bars.Kind.PLAIN, Bars.Kind.FILL));
  }

  @Test
  public void everyFeelHasItsBars() {
    for (Feel feel : Feel.values()) {
      int ticks = feel == Feel.WALTZ ? 36 : 48;
      for (Bars.Kind kind : Bars.Kind.values()) {
        List<Hit> hits = Bars.of(feel, kind);
        assertTrue(hits.stream().anyMatch(hit -> hit.instrument() == Instrument.BASS), feel.word());
        assertTrue(hits.stream().anyMatch(hit -> hit.tick() == 0), feel.word());
        assertTrue(hits.stream().allMatch(hit -> hit.tick() < ticks && hit.strength() <= 100));
      }
    }
  }

  @Test
  public void theFeelComesFromTheStyleThenFromTheSteps() {
    Dance plain = Dances.dance(Dances.paperLanterns());
    assertEquals(Feel.of(plain, Optional.of("Cha-cha, old")), Feel.CHA_CHA);
    assertEquals(Feel.of(plain, Optional.of("waltz")), Feel.STRAIGHT);
    assertEquals(Feel.of(plain, Optional.empty()), Feel.STRAIGHT);
    Dance samba =
        Dances.dance("title: T\nstart: weight L\nsection 1\n1a2 samba R\n3a4 samba L\n5-8 walk\n");
    assertEquals(Feel.of(samba, Optional.empty()), Feel.SWING);
    Dance waltz = Dances.dance("title: T\nmeter: 3/4\nsection 1\n1-6 waltz basic L\n");
    assertEquals(Feel.of(waltz, Optional.of("pop")), Feel.WALTZ);
  }
}
