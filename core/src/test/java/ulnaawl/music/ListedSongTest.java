package ulnaawl.music;

import static org.quicktheories.QuickTheory.qt;
import static org.quicktheories.generators.SourceDSL.integers;
import static org.quicktheories.generators.SourceDSL.lists;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
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

  private static SongEntry words(String... fields) {
    Map<SongField, String> words = new EnumMap<>(SongField.class);
    for (int i = 0; i < fields.length; i += 2) {
      words.put(SongField.named(fields[i]).orElseThrow(), fields[i + 1]);
    }
    return new SongEntry(words);
  }

  /** What people write, and what is meant: commas, hours, words. */
  @Test
  public void entriesAreReadAsPeopleWriteThem() {
    ListedSong song =
        words(
                "title",
                " Made Up ",
                "bpm",
                "112,5 bpm",
                "count rate",
                "half",
                "length",
                "1:02:03",
                "intro",
                "0",
                "meter",
                "waltz",
                "explicit",
                "Y")
            .read()
            .song()
            .orElseThrow();
    assertEquals(song.song().title(), "Made Up");
    assertEquals(song.song().bpm(), Optional.of(new Tempo(112_500)));
    assertEquals(song.song().rate(), CountRate.HALF);
    assertEquals(song.song().lengthSeconds(), OptionalInt.of(3723));
    assertEquals(song.intro(), OptionalInt.of(0));
    assertEquals(song.meter(), Meter.THREE);
    assertTrue(song.explicitWords());
    assertEquals(SongEntry.of(song).read().song(), Optional.of(song));
  }

  @Test
  public void everyFaultIsToldAtOnceWithItsField() {
    List<SongEntry.Fault> faults =
        words(
                "bpm",
                "19",
                "count rate",
                "3",
                "length",
                "2:00:01",
                "intro",
                "513",
                "meter",
                "5/4",
                "phrases",
                "verse",
                "explicit",
                "maybe")
            .read()
            .faults();
    assertEquals(
        faults.stream().map(SongEntry.Fault::field).toList(),
        List.of(
            SongField.TITLE,
            SongField.BPM,
            SongField.RATE,
            SongField.LENGTH,
            SongField.INTRO,
            SongField.METER,
            SongField.PHRASES,
            SongField.EXPLICIT));
    assertEquals(
        words("title", "a\tb").read().faults().getFirst().field(),
        SongField.TITLE,
        "one line only");
    assertEquals(words("title", "x".repeat(201)).read().faults().size(), 1);
  }

  /** Another list fills blanks and never overwrites. */
  @Test
  public void mergingKeepsWhatIsKnown() {
    ListedSong known = words("title", "Made Up", "bpm", "112").read().song().orElseThrow();
    ListedSong other =
        words("title", "MADE  UP", "bpm", "113", "length", "3:10", "style", "soul")
            .read()
            .song()
            .orElseThrow();
    assertEquals(known.key(), other.key());
    SongMerge merge = SongMerge.of(known, other);
    assertEquals(merge.filled(), List.of(SongField.LENGTH, SongField.STYLE));
    assertEquals(merge.differing(), List.of(SongField.BPM));
    assertEquals(merge.song().song().bpm(), Optional.of(Tempo.ofBpm(112)));
    assertEquals(merge.song().song().title(), "Made Up");
    assertEquals(SongMerge.of(merge.song(), other).filled(), List.of());
  }
}
