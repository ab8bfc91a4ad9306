package ulnaawl.song;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Facing;
import ulnaawl.music.CountRate;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.SongClock;
import ulnaawl.wall.Wall;
import ulnaawl.wall.WallEvent;
import ulnaawl.wall.WallSequence;

/** Every ending on offer is a sound dance that faces 12 when the music stops. */
public class EndingHelperTest {

  private static final String HALVES =
      """
      title: Halves
      start: weight L
      section 1
      1-4    vine R, touch L
      5-6    step L side, touch R
      7-8    step pivot R 1/2 L
      section 2
      1&2    shuffle R fwd
      3&4    shuffle L fwd
      5-8    jazz box R
      section 3
      1-8    rocking chair R x2
      """;

  @DataProvider
  public Object[][] dances() {
    return new Object[][] {{Dances.paperLanterns()}, {HALVES + lastStep()}};
  }

  /** The jazz box ends on the left foot already; a quarter turn more makes it a four-wall dance. */
  private static String lastStep() {
    return "section 4\n1-4    jazz box R 1/4 R\n5-8    sway R L R L\n";
  }

  @Test(dataProvider = "dances")
  public void whateverTheSongTheyFaceTheFrontOnItsLastBeat(String text) {
    assertEquals(Dances.codes(text), List.of());
    Random random = new Random(12);
    int offered = 0;
    for (int i = 0; i < 24; i++) {
      SequenceRequest request = song(80 + random.nextInt(60), 60 + random.nextInt(160));
      EndingHelper.Proposal proposal =
          EndingHelper.propose(text, FigureBook.standard(), request, 6);
      Dance dance = Dances.dance(text);
      boolean front =
          WallSequence.of(dance, request).songEnd().orElseThrow().facing().equals(Facing.FRONT);
      assertTrue(front || !proposal.endings().isEmpty(), proposal.said().toString());
      for (Ending ending : proposal.endings()) {
        check(ending, request);
        offered++;
      }
    }
    assertTrue(offered > 60, offered + " offered");
  }

  private static void check(Ending ending, SequenceRequest request) {
    assertEquals(Dances.codes(ending.stepText()), List.of(), ending.stepText());
    Dance dance = Dances.dance(ending.stepText());
    WallSequence sequence = WallSequence.of(dance, request);
    Wall last = sequence.walls().getLast();
    assertEquals(last.number(), ending.wall(), ending.stepText());
    assertEquals(
        last.startCount() + last.counts(),
        SongClock.of(dance, request).counts().orElseThrow(),
        "the last beat\n" + ending.stepText());
    WallEvent end = last.events().getLast();
    assertEquals(end.kind(), WallEvent.Kind.ENDING);
    assertEquals(end.counts(), ending.counts());
    assertEquals(end.to(), Facing.FRONT, ending.stepText());
    assertTrue(DanceText.joins(sequence), ending.stepText());
  }

  @Test
  public void saysWhyThereIsNothingToOffer() {
    String text = Dances.paperLanterns();
    SequenceRequest none = new SequenceRequest(Optional.empty(), OptionalInt.empty(), false);
    assertEquals(propose(text, none).said(), new EndingReason.LengthUnknown());
    SequenceRequest request = song(112, 190);
    Ending first = propose(text, request).endings().getFirst();
    EndingHelper.Proposal again = propose(first.stepText(), request);
    assertTrue(again.endings().isEmpty());
    assertEquals(again.said(), new EndingReason.HasOne(false));
  }

  private static EndingHelper.Proposal propose(String text, SequenceRequest request) {
    return EndingHelper.propose(text, FigureBook.standard(), request, 6);
  }

  private static SequenceRequest song(int bpm, int seconds) {
    Song song =
        new Song(
            "Made Up",
            Optional.empty(),
            Optional.of(Tempo.ofBpm(bpm)),
            OptionalInt.of(seconds),
            CountRate.FULL);
    return new SequenceRequest(Optional.of(song), OptionalInt.empty(), false, OptionalInt.of(16));
  }
}
