package ulnaawl.music;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeSet;
import org.testng.annotations.Test;

/** A song's phrases and its other ways of counting. */
public class ListedSongTest {

  @Test
  public void phrasesAreReadAsTheyAreTyped() {
    assertEquals(SongPhrases.parse("32 32,16+32").counts(), List.of(32, 32, 16, 32));
    assertEquals(SongPhrases.parse(" 32 x 3  8 ").counts(), List.of(32, 32, 32, 8));
    assertEquals(SongPhrases.parse("32×2; 64").label(), "32x2 64");
    assertEquals(SongPhrases.parse("  "), SongPhrases.UNKNOWN);
  }

  @Test
  public void whatIsNoPhraseIsRefused() {
    for (String wrong : List.of("32 verse", "0", "32x0 257", "-8", "32x300")) {
      assertThrows(IllegalArgumentException.class, () -> SongPhrases.parse(wrong));
    }
  }

  @Test
  public void labelsReadBack() {
    qt().forAll(lists().of(integers().between(1, 256)).ofSizeBetween(0, 60))
        .check(
            counts -> SongPhrases.parse(new SongPhrases(counts).label()).counts().equals(counts));
  }

  /** By hand: 64 holds two walls of 32, 16 none. */
  @Test
  public void bordersLieBetweenPhrasesAndBetweenWholeWallsInThem() {
    assertEquals(
        SongPhrases.parse("64 16 48").borders(32), new TreeSet<>(List.of(0, 32, 64, 80, 128)));
  }

  @Test
  public void halfTheCountsHalveIntroAndPhrases() {
    ListedSong song =
        new ListedSong(
            new Song(
                "Made Up",
                Optional.of("Nobody"),
                Optional.of(Tempo.ofBpm(180)),
                OptionalInt.of(180),
                CountRate.FULL),
            OptionalInt.of(32),
            Meter.FOUR,
            Optional.empty(),
            SongPhrases.parse("64x2 32"),
            Optional.empty(),
            false);
    ListedSong half = song.counted(CountRate.HALF);
    assertEquals(half.song().countsPerMinute(), Optional.of(Tempo.ofBpm(90)));
    assertEquals(half.intro(), OptionalInt.of(16));
    assertEquals(half.phrases().label(), "32x2 16");
    assertEquals(half.counted(CountRate.FULL), song);
    assertEquals(half.key(), song.key());
  }
}
