package ulnaawl.song;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.Level;
import ulnaawl.music.CountRate;
import ulnaawl.music.ListedSong;
import ulnaawl.music.Meter;
import ulnaawl.music.Song;
import ulnaawl.music.SongPhrases;
import ulnaawl.music.Tempo;

/** Songs for a dance, and two dances to one song, judged by hand. */
public class OtherMusicTest {

  private static final Dance LANTERNS = Dances.dance(Dances.paperLanterns());
  private static final Dance PLAIN = plain("R");

  /** Its own rate is 112 a minute: 106 to 118 are to dance, 67 to 105 to practise. */
  @Test
  public void speedsAreSortedByWhatTheyAreGoodFor() {
    assertEquals(match(LANTERNS, 112).orElseThrow().use(), MusicMatch.Use.DANCE);
    assertEquals(match(LANTERNS, 118).orElseThrow().use(), MusicMatch.Use.DANCE);
    assertEquals(match(LANTERNS, 98).orElseThrow().use(), MusicMatch.Use.PRACTISE);
    // 124 is within what beginners dance, 130 is not.
    assertEquals(match(LANTERNS, 124).orElseThrow().use(), MusicMatch.Use.FASTER);
    assertEquals(match(LANTERNS, 130), Optional.empty());
  }

  /** 184 beats are 92 counts, 60 beats 120 counts; both are said. */
  @Test
  public void halfAndDoubleAreUnderstood() {
    MusicMatch half = match(LANTERNS, 184).orElseThrow();
    assertEquals(half.rate(), CountRate.HALF);
    assertEquals(half.countsPerMinute(), Tempo.ofBpm(92));
    assertEquals(half.use(), MusicMatch.Use.PRACTISE);
    assertEquals(half.percentOfOwn(), OptionalInt.of(82));
    assertTrue(
        half.reasons()
            .contains(new MusicMatch.Scored(new MatchReason.CountedAs(CountRate.HALF), -6)));
    assertEquals(match(LANTERNS, 57).orElseThrow().rate(), CountRate.DOUBLE);
  }

  @Test
  public void anotherMeterDoesNotDo() {
    ListedSong waltz = song(112, Meter.THREE, SongPhrases.UNKNOWN);
    assertEquals(MusicMatch.of(LANTERNS, Level.BEGINNER, waltz), Optional.empty());
    // Nor does anything go with a dance that has no count yet.
    assertEquals(match(Dances.dance("title: X"), 112), Optional.empty());
  }

  /** The tag after wall 2 and the restart on wall 5: 32 32+4 32 32 16 32. */
  @Test
  public void theSamePhraseStructureBeatsAnUnknownOneAndThatAWrongOne() {
    int same = score("32 36 32x2 16 32x2");
    int unknown = score("");
    int wrong = score("32x8");
    assertTrue(same > unknown && unknown > wrong, same + " " + unknown + " " + wrong);
  }

  /** By hand: who dances the same steps stays where they stood, 110 cm beside, 120 cm behind. */
  @Test
  public void aDanceBesideItselfKeepsItsDistance() {
    FloorSplit split = FloorSplit.of(LANTERNS, Level.BEGINNER, LANTERNS, song(112));
    assertEquals(split.sameFacing(), 100);
    assertEquals(split.verdict(), FloorSplit.Verdict.GOOD);
    assertEquals(split.arrangements().getFirst().nearestCentimetres(), 120);
    assertEquals(split.arrangements().getLast().nearestCentimetres(), 110);
    assertTrue(split.walls().stream().allMatch(it -> it.facing().equals(it.otherFacing())));
  }

  /**
   * By hand: both walk eight steps sideways on the spot and then turn, one to the right, the other
   * to the left: they face alike only on every other wall, and the sides they travel to part them.
   */
  @Test
  public void oppositeTurnsAreSeenWallByWall() {
    FloorSplit split = FloorSplit.of(PLAIN, Level.BEGINNER, plain("L"), song(112));
    assertEquals(split.walls().get(0).otherFacing().clock(), "12");
    assertEquals(split.walls().get(1).facing().clock(), "3");
    assertEquals(split.walls().get(1).otherFacing().clock(), "9");
    assertEquals(split.walls().get(2).facing().clock(), "6");
    assertEquals(split.walls().get(2).otherFacing().clock(), "6");
    // A side step goes about one step length, 50 cm, and comes back: nearer than 110, not touching.
    assertTrue(split.sameFacing() > 45 && split.sameFacing() < 55, split.sameFacing() + " %");
  }

  /**
   * By hand: one stays on the spot, the other walks eight steps forward before coming back, about
   * 50 cm each: whoever stands in front of them is walked into, whoever stands beside is not.
   */
  @Test
  public void whoWalksIntoTheLineInFrontIsGivenRoom() {
    Dance still = still(1);
    Dance walker =
        Dances.dance(
            "title: Walker\nstart: weight L\nsection\n1-8  walk R L R L R L R L\n"
                + "section\n1-8  walk R L R L R L R L back\n");
    FloorSplit split = FloorSplit.of(walker, Level.BEGINNER, still, song(112));
    assertEquals(split.verdict(), FloorSplit.Verdict.GOOD);
    for (FloorSplit.Arrangement stand : split.arrangements()) {
      boolean walkedInto = stand.how() == FloorSplit.How.FRONT;
      assertEquals(stand.extraCentimetres() > 0, walkedInto, stand.toString());
    }
  }

  /**
   * By hand: a step is 50 cm, closed feet 15 cm apart, so that side, together, side leads 77 cm
   * aside, and two walks a metre ahead. 30 cm more than usual leave 140 − 77 = 63 beside and 150 −
   * 100 = 50 in front, too near; 60 leave 93 and 80: tight.
   */
  @Test
  public void whoDancesToAllSidesNeedsALineMore() {
    FloorSplit split =
        split(
            "side R, together L, side R, touch L, side L, together R, side L, touch R",
            "side L, together R, side L, touch R, side R, together L, side R, touch L",
            "walk R L fwd, walk R L back, walk R L back, walk R L fwd");
    assertEquals(split.verdict(), FloorSplit.Verdict.TIGHT, split.toString());
    assertEquals(extras(split), List.of(60, 60, 60, 60), split.toString());
  }

  /**
   * By hand: side and together lead 35 cm on, eight of them with their last step 287 cm aside; 240
   * more leave 350 − 287 = 63, too near, 270 leave 93. 150 is all that a hall can spare.
   */
  @Test
  public void whoRoamsCannotShareTheFloor() {
    String right = "side R, together L, side R, together L, side R, together L, side R, together L";
    String left = "side L, together R, side L, together R, side L, together R, side L, together R";
    FloorSplit split =
        split(
            right,
            right.replaceAll("together L$", "touch L"),
            left,
            left,
            left,
            left.replaceAll("together R$", "touch R"),
            right,
            right.replaceAll("together L$", "touch L"),
            "walk L R L R L R L R",
            "walk L R L R L R L R back",
            "walk L R L R L R L R back",
            "walk L R L R L R L R");
    assertEquals(split.verdict(), FloorSplit.Verdict.COLLIDES, split.toString());
    assertEquals(extra(split, FloorSplit.How.RIGHT), 270, split.toString());
    assertTrue(split.best().extraCentimetres() > 150);
    FloorSplit calm = FloorSplit.of(still(1), Level.BEGINNER, still(1), song(112));
    assertEquals(
        Stream.of(split, calm).sorted(FloorSplit.ROOMIEST_FIRST).toList(), List.of(calm, split));
  }

  private static int extra(FloorSplit split, FloorSplit.How how) {
    return split.arrangements().stream()
        .filter(it -> it.how() == how)
        .findFirst()
        .orElseThrow()
        .extraCentimetres();
  }

  private static FloorSplit split(String... sections) {
    StringBuilder text = new StringBuilder("title: Made\nstart: weight L\n");
    for (String section : sections) {
      text.append("section\n1-8  ").append(section).append('\n');
    }
    Dance dance = Dances.dance(text.toString());
    return FloorSplit.of(dance, Level.BEGINNER, still(sections.length), song(112));
  }

  private static List<Integer> extras(FloorSplit split) {
    return split.arrangements().stream().map(FloorSplit.Arrangement::extraCentimetres).toList();
  }

  private static Dance still(int sections) {
    return Dances.dance(
        "title: Still\nstart: weight L\n"
            + ("section\n1-8  step R together, step L together, step R together, step L together,"
                    + " step R together, step L together, step R together, step L together\n")
                .repeat(sections));
  }

  @Test
  public void onlyAnotherLevelIsWorthAFloorOfItsOwn() {
    assertTrue(FloorSplit.isWorthwhile(Level.BEGINNER, Level.IMPROVER));
    assertTrue(!FloorSplit.isWorthwhile(Level.IMPROVER, Level.IMPROVER));
  }

  private static int score(String phrases) {
    return MusicMatch.of(
            LANTERNS, Level.BEGINNER, song(112, Meter.FOUR, SongPhrases.parse(phrases)))
        .orElseThrow()
        .score();
  }

  private static Optional<MusicMatch> match(Dance dance, int bpm) {
    return MusicMatch.of(dance, Level.BEGINNER, song(bpm));
  }

  private static ListedSong song(int bpm) {
    return song(bpm, Meter.FOUR, SongPhrases.UNKNOWN);
  }

  private static ListedSong song(int bpm, Meter meter, SongPhrases phrases) {
    Song song =
        new Song(
            "Made Up",
            Optional.empty(),
            Optional.of(Tempo.ofBpm(bpm)),
            OptionalInt.of(180),
            CountRate.FULL);
    return new ListedSong(
        song, OptionalInt.of(16), meter, Optional.empty(), phrases, Optional.empty(), false);
  }

  private static Dance plain(String side) {
    return Dances.dance(
        "title: Plain\nstart: weight L\nsection\n"
            + "1-8  side R, touch L, side L, touch R, side R, touch L, side L, touch R\n"
            + "section\n1-8  side R, touch L, side L, touch R, side R, touch L, side L 1/4 "
            + side
            + ", touch R\n");
  }
}
