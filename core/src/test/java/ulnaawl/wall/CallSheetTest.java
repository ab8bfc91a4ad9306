package ulnaawl.wall;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.floor.Facing;
import ulnaawl.music.CountRate;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.wall.where.FacingClaim;
import ulnaawl.words.Speech;
import ulnaawl.words.WallSpeech;

/** Clock times, fits and calls, each worked out by hand. */
public class CallSheetTest {

  private static final WallSpeech SPEECH = Speech.english().walls();

  private static final Dance LANTERNS = Dances.dance(Dances.paperLanterns());

  /**
   * By hand: 120 a minute is half a second a count. After 16 counts of intro, 8 s, each wall of 32
   * lasts 16 s. A song of 1:30 has 180 counts, 164 after the intro: 5 walls and 4 counts.
   */
  @Test
  public void wallsOfAPlainSong() {
    SequenceRequest request = request(120, 90, CountRate.FULL, 16);
    Dance plain = plain();
    WallSequence sequence = WallSequence.of(plain, request);
    assertEquals(
        sequence.walls().stream().map(wall -> wall.startMillis().orElseThrow()).toList(),
        List.of(8_000L, 24_000L, 40_000L, 56_000L, 72_000L, 88_000L));
    SongFit fit = SongFit.of(plain, request);
    assertEquals(fit.wholeWalls(), 5);
    assertEquals(fit.wallMillis(), OptionalLong.of(16_000));
    assertEquals(fit.introMillis(), OptionalLong.of(8_000));
    assertEquals(fit.songCounts(), OptionalInt.of(164));
    assertEquals(fit.end().orElseThrow(), new SongEnd(6, 4, new Facing(2)));
    assertEquals(fit.left(), 28);
  }

  /** By hand: 180 beats counted at half are 90 counts; 8 counts of intro last 5.333 s. */
  @Test
  public void wallsOfASongCountedAtHalf() {
    WallSequence sequence = WallSequence.of(plain(), request(180, 60, CountRate.HALF, 8));
    // 40 counts at 90 a minute: 26.667 s; 72 counts: 48 s.
    assertEquals(
        sequence.walls().stream().map(wall -> wall.startMillis().orElseThrow()).toList(),
        List.of(5_333L, 26_667L, 48_000L));
    // 90 counts in a minute, 82 after the intro: two walls and 18 counts;
    // the third has turned on its count 8.
    assertEquals(sequence.songEnd().orElseThrow(), new SongEnd(3, 18, new Facing(6)));
  }

  /**
   * By hand, at 112 a minute with 16 counts of intro: the tag comes after 64 counts, at 80 · 60/112
   * = 42.857 s, is warned of on count 25 and called on count 29, four before. Each wall turns a
   * quarter left: 12, 9, then the tag at 6. Wall 5 begins after 64 + 4 + 64 = 132 counts at 12; its
   * counts 15 and 16 are changed, so the call comes on count 11 (after 142 counts, 84.643 s), not
   * before the restart.
   */
  @Test
  public void callsOfPaperLanterns() {
    CallSheet sheet = CallSheet.of(LANTERNS, SequenceRequest.of(LANTERNS));
    List<CallSheet.Call> calls =
        sheet.lines().stream().flatMap(line -> line.calls().stream()).toList();
    assertEquals(calls.size(), 2);
    CallSheet.Call tag = calls.get(0);
    assertEquals(SPEECH.call(tag.what()), "Tag Lull");
    assertEquals(tag.point().wall(), 2);
    assertEquals(tag.point().count(), 29);
    assertEquals(tag.warning().count(), 25);
    // 2.143 s are time for eight syllables.
    assertEquals(SPEECH.shout(tag), "tag: sway right left right left");
    assertEquals(tag.point().section(), 4);
    assertEquals(tag.point().sectionCount(), 5);
    assertEquals(tag.callMillis(), OptionalLong.of(40_714));
    assertEquals(tag.begins(), OptionalLong.of(42_857));
    assertEquals(tag.facing().clock(), "6");
    assertEquals(
        tag.steps().stream().map(SPEECH::steps).toList(),
        List.of("1-4 sway right left right left"));
    assertEquals(SPEECH.then(tag.then()), "Wall 3 from the top, facing 6, R foot begins");
    CallSheet.Call restart = calls.get(1);
    assertEquals(SPEECH.call(restart.what()), "Change and restart");
    assertEquals(restart.point().wall(), 5);
    assertEquals(restart.point().section(), 2);
    assertEquals(restart.point().sectionCount(), 3);
    assertEquals(SPEECH.shout(restart), "change and restart: walk back right left");
    assertEquals(restart.callMillis(), OptionalLong.of(84_643));
    assertEquals(restart.begins(), OptionalLong.of(86_786));
    assertEquals(restart.facing().clock(), "12");
    assertEquals(
        restart.steps().stream().map(SPEECH::steps).toList(), List.of("7-8 walk back right left"));
    assertEquals(SPEECH.then(restart.then()), "Wall 6 from the top, facing 12, R foot begins");
  }

  /** By hand: A A B of 8 counts each; the first change is heard from count 13, then B. */
  @Test
  public void partsOfAPhrasedDanceAreCalled() {
    Dance phrased =
        Dances.dance(
            "title: Rooms\nstart: weight L\npart A\nsection 1\n1-8  walk R L R L R L, step pivot R"
                + " 1/2 L\npart B\nsection 2\n1-8  sway R L R L R L R L\nphrasing\norder: A A B A\n");
    List<CallSheet.Call> calls =
        CallSheet.of(phrased, SequenceRequest.of(phrased)).lines().stream()
            .flatMap(line -> line.calls().stream())
            .toList();
    assertEquals(
        calls.stream().map(call -> SPEECH.call(call.what())).toList(), List.of("Part B", "Part A"));
    assertEquals(calls.getFirst().point().wall(), 2);
    assertEquals(calls.getFirst().point().sectionCount(), 5);
    assertEquals(
        SPEECH.then(calls.getFirst().then()), "Wall 3 is part B, facing 12, R foot begins");
  }

  /**
   * By hand: a wall of 16 turns a quarter right at its end. Wall 2 starts at 3 and has 4 counts put
   * in after 8; wall 3 starts at 6, turns to 9, and section 2 once more turns it to 12; wall 4
   * stops after 8 for the ending. Each is called four counts before.
   */
  @Test
  public void bridgesRepeatsAndEndingsAreCalled() {
    Dance boats =
        Dances.dance(
            "title: Boats\nstart: weight L\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n"
                + "section 2\n1-4  rocking chair R\n5-8  jazz box R 1/4 R\n"
                + "tag Lull\n1-4  sway R L R L\nending Bow\n1-2  stomp R, stomp L\n"
                + "phrasing\nwall 2: bridge Lull after 8\nwall 3: repeat section 2\n"
                + "wall 4: ending after 8: Bow\n");
    List<CallSheet.Call> calls =
        CallSheet.of(boats, SequenceRequest.of(boats)).lines().stream()
            .flatMap(line -> line.calls().stream())
            .toList();
    assertEquals(
        calls.stream()
            .map(call ->
                SPEECH.call(call.what())
                    + ": wall "
                    + call.point().wall()
                    + " section "
                    + call.point().section()
                    + " count "
                    + call.point().sectionCount()
                    + ", at "
                    + call.facing().clock()
                    + ". "
                    + SPEECH.then(call.then()))
            .toList(),
        List.of(
            "Bridge Lull: wall 2 section 1 count 5, at 3. Go on with wall 2",
            "Section 2 again: wall 3 section 2 count 5, at 9. Wall 4 from the top, facing 12, R foot"
                + " begins",
            "Ending Bow: wall 4 section 1 count 5, at 12. Finish facing 12"));
    assertEquals(
        new FacingClaim(FacingClaim.What.START, 4, Facing.FRONT).check(boats, false).truth(),
        FacingClaim.Truth.YES);
    assertEquals(
        new FacingClaim(FacingClaim.What.END, 3, new Facing(6)).check(boats, false).truth(),
        FacingClaim.Truth.NO,
        "the repeat turns on from 9");
  }

  /** What comes when the music is over is not called. */
  @Test
  public void nothingIsCalledAfterTheMusic() {
    SequenceRequest request = request(112, 60, CountRate.FULL, 16);
    CallSheet sheet = CallSheet.of(LANTERNS, request);
    assertEquals(
        sheet.lines().stream()
            .flatMap(line -> line.calls().stream())
            .map(call -> SPEECH.call(call.what()))
            .toList(),
        List.of("Tag Lull"));
  }

  /** By hand: a quarter left each; the tag does not turn; the restart keeps wall 5 at 12. */
  @Test
  public void ringOfPaperLanterns() {
    WallSequence sequence = WallSequence.of(LANTERNS);
    WallRing ring = WallRing.of(LANTERNS, sequence);
    assertEquals(ring.rotation(), WallRing.Rotation.ANTICLOCKWISE);
    assertEquals(ring.breaks(), List.of(5));
    assertEquals(ring.stops().getFirst(), new WallRing.Stop(Facing.FRONT, List.of(1, 5, 6, 10)));
    assertTrue(ring.stops().stream().anyMatch(it -> it.facing().clock().equals("9")));
  }

  private static Dance plain() {
    return Dances.dance(
        "title: Plain\nstart: weight L\nsection\n1-8  walk R L R L R L R, walk L 1/4 R\n"
            + "section\n1-8  walk R L R L R L R L\n".repeat(3));
  }

  private static SequenceRequest request(int bpm, int seconds, CountRate rate, int intro) {
    Song song =
        new Song(
            "Made Up",
            Optional.empty(),
            Optional.of(Tempo.ofBpm(bpm)),
            OptionalInt.of(seconds),
            rate);
    return new SequenceRequest(
        Optional.of(song), OptionalInt.empty(), false, OptionalInt.of(intro));
  }
}
