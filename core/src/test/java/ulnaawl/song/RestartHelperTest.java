package ulnaawl.song;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.TreeSet;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.figure.FigureBook;
import ulnaawl.floor.Turn;
import ulnaawl.floor.Weight;
import ulnaawl.music.SongPhrases;
import ulnaawl.wall.SequenceRequest;
import ulnaawl.wall.WallSequence;
import ulnaawl.words.SongSpeech;
import ulnaawl.words.Speech;

/** Restarts and tags that keep the walls on the phrases of a song. */
public class RestartHelperTest {

  private static final SongSpeech SPEECH = Speech.english().songs();

  private static final SequenceRequest PLAIN =
      new SequenceRequest(Optional.empty(), OptionalInt.empty(), false);

  /** Where the count says it is possible, the dance checks sound; where not, the check objects. */
  @Test
  public void everyCountAgreesWithTheChecks() {
    String bare = bare(Dances.paperLanterns());
    List<RestartCount> counts = RestartCount.of(Dances.paperLanterns(), FigureBook.standard());
    assertEquals(counts.size(), 31);
    for (RestartCount count : counts) {
      String plain = bare + "\nphrasing\nwall 2: restart after " + count.after() + "\n";
      boolean sound = Dances.codes(plain).isEmpty();
      assertEquals(sound, count.verdict() == RestartCount.Verdict.STRAIGHT, count.toString());
      if (count.verdict() == RestartCount.Verdict.WITH_CHANGE) {
        String changed = bare + "\nphrasing\n" + count.phrase(2) + "\n";
        assertEquals(Dances.codes(changed), List.of(), count.toString());
      }
    }
  }

  /** By hand: 32 32 16 32 breaks the third wall after 16 counts; the dance restarts there. */
  @Test
  public void aShortPhraseAsksForARestart() {
    RestartHelper.Advice advice = advise(Dances.paperLanterns(), "32 32 16 32 32");
    assertEquals(advice.plain().off(), List.of(4, 5));
    RestartHelper.Plan plan = advice.plans().getFirst();
    assertTrue(plan.fit().isWhole(), plan.toString());
    assertEquals(plan.exceptions().size(), 1);
    assertEquals(
        SPEECH.exception(plan.exceptions().getFirst()), "wall 3: restart after 16, facing 6");
  }

  /** By hand: 4 counts over after the first wall are a tag, and the dance has one of 4. */
  @Test
  public void aLongPhraseAsksForATagAndTakesTheDancesOwn() {
    RestartHelper.Advice advice = advise(Dances.paperLanterns(), "36 32 32 32");
    RestartHelper.Plan plan = advice.plans().getFirst();
    assertTrue(plan.fit().isWhole());
    assertEquals(
        SPEECH.exception(plan.exceptions().getFirst()), "after wall 1: tag Lull, facing 9");
  }

  /** As written the tag after wall 2 and the restart on wall 5 keep to these phrases already. */
  @Test
  public void whatFitsIsLeftAlone() {
    RestartHelper.Advice advice = advise(Dances.paperLanterns(), "32 36 32x2 16 32x2");
    assertTrue(advice.asWritten().isWhole());
    assertEquals(advice.plans(), List.of());
  }

  @Test
  public void plansAreSoundAndKeepTheirWord() {
    Random random = new Random(5);
    for (int i = 0; i < 12; i++) {
      StringBuilder phrases = new StringBuilder();
      for (int k = 0; k < 7; k++) {
        phrases.append(List.of(32, 32, 32, 16, 24, 36, 40).get(random.nextInt(7))).append(' ');
      }
      SongPhrases song = SongPhrases.parse(phrases.toString());
      TreeSet<Integer> borders = song.borders(32);
      for (RestartHelper.Plan plan : advise(Dances.paperLanterns(), phrases.toString()).plans()) {
        // Many restarts make a dance harder than its sheet says, which is said.
        List<String> faults = new ArrayList<>(Dances.codes(plan.stepText()));
        faults.remove("level");
        assertEquals(faults, List.of(), plan.stepText());
        WallSequence sequence = WallSequence.of(Dances.dance(plan.stepText()), PLAIN.withWalls(12));
        assertTrue(DanceText.joins(sequence));
        List<Integer> off =
            sequence.walls().stream()
                .filter(wall -> wall.startCount() < song.total())
                .filter(wall -> !borders.contains(wall.startCount()))
                .map(wall -> wall.number())
                .toList();
        assertEquals(plan.fit().off(), off, phrases + "\n" + plan.stepText());
      }
    }
  }

  /** The path through the phrases is as good as the best of all paths, tried one by one. */
  @Test
  public void noOtherPathIsCheaper() {
    Random random = new Random(9);
    for (int i = 0; i < 40; i++) {
      List<RestartCount> restarts = new ArrayList<>();
      for (int after : List.of(8, 16, 20, 24)) {
        if (random.nextBoolean()) {
          restarts.add(restart(after, random.nextBoolean(), random.nextBoolean()));
        }
      }
      List<Integer> counts = new ArrayList<>();
      for (int k = 0; k < 5; k++) {
        counts.add(List.of(32, 16, 24, 36, 40, 20).get(random.nextInt(6)));
      }
      SongPhrases phrases = new SongPhrases(counts);
      boolean tags = random.nextBoolean();
      List<PhrasePath.Move> found = new PhrasePath(32, phrases, restarts, tags, List.of(4)).moves();
      int best = cheapest(0, phrases, restarts, tags);
      assertEquals(cost(found, phrases), best, counts + " " + restarts);
    }
  }

  private static int cheapest(
      int at, SongPhrases phrases, List<RestartCount> restarts, boolean tags) {
    if (at >= phrases.total()) {
      return 0;
    }
    TreeSet<Integer> borders = phrases.borders(32);
    List<PhrasePath.Move> moves = new ArrayList<>();
    moves.add(new PhrasePath.Move.Whole(32));
    for (RestartCount restart : restarts) {
      if (borders.contains(at + restart.after())) {
        moves.add(new PhrasePath.Move.Restart(restart));
      }
    }
    for (int tag = 1; tags && tag <= PhrasePath.LONGEST_TAG; tag++) {
      if (borders.contains(at + 32 + tag)) {
        moves.add(new PhrasePath.Move.Tag(32, tag));
      }
    }
    int best = Integer.MAX_VALUE;
    for (PhrasePath.Move move : moves) {
      int next = at + move.counts();
      int all = cost(move, next, phrases, borders) + cheapest(next, phrases, restarts, tags);
      best = Math.min(best, all);
    }
    return best;
  }

  private static int cost(List<PhrasePath.Move> moves, SongPhrases phrases) {
    int at = 0;
    int all = 0;
    for (PhrasePath.Move move : moves) {
      at += move.counts();
      all += cost(move, at, phrases, phrases.borders(32));
    }
    assertTrue(at >= phrases.total());
    return all;
  }

  /** The price list, written out once more. */
  private static int cost(
      PhrasePath.Move move, int next, SongPhrases phrases, java.util.Set<Integer> borders) {
    int off = next < phrases.total() && !borders.contains(next) ? 45 : 0;
    return off
        + switch (move) {
          case PhrasePath.Move.Whole _ -> 0;
          case PhrasePath.Move.Restart it ->
              20 + (it.at().change().isEmpty() ? 0 : 6) + (it.at().cutFigure().isEmpty() ? 0 : 8);
          case PhrasePath.Move.Tag it -> 20 + it.tagCounts() / 4 + (it.tagCounts() == 4 ? 0 : 4);
        };
  }

  private static RestartCount restart(int after, boolean changed, boolean cut) {
    return new RestartCount(
        after,
        (after + 7) / 8,
        after % 8,
        Turn.NONE,
        Weight.LEFT,
        changed ? RestartCount.Verdict.WITH_CHANGE : RestartCount.Verdict.STRAIGHT,
        changed ? "touch R together" : "",
        cut ? "vine right" : "");
  }

  private static RestartHelper.Advice advise(String text, String phrases) {
    return RestartHelper.advise(text, FigureBook.standard(), PLAIN, SongPhrases.parse(phrases));
  }

  private static String bare(String text) {
    Dance dance = new DanceText(text, FigureBook.standard()).bare().dance();
    assertTrue(dance.script().phrasing().isEmpty());
    return new DanceText(text, FigureBook.standard()).bare().text();
  }
}
