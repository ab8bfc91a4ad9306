package ulnaawl.notation.read;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.dance.Dance;
import ulnaawl.dance.DancedFigure;
import ulnaawl.dance.Place;
import ulnaawl.floor.Foot;
import ulnaawl.floor.Weight;
import ulnaawl.music.Song;
import ulnaawl.music.Tempo;
import ulnaawl.text.Diagnostic;

/** The surface of the notation: counts, items, turns, weight, waltz, variations, phrasing. */
public class NotationTest {

  /** A song line, and what is read of it: title, artist, bpm, count rate, length, codes. */
  @DataProvider
  public Object[][] songs() {
    return new Object[][] {
      {"Lull / Ada / 112 bpm / 3:10", "Lull | Ada | 112 | 1 | 190 | "},
      {"Lull / Ada / 180 bpm 1/2", "Lull | Ada | 180 | 1/2 | - | "},
      {"Lull / Ada / 180 bpm 1/2 / 2:00", "Lull | Ada | 180 | 1/2 | 120 | "},
      {"Lull / 112 bpm", "Lull | - | 112 | 1 | - | "},
      {"Lull", "Lull | - | - | 1 | - | "},
      {"Lull / Ada / 112 bpm slow", "Lull | Ada | 112 | 1 | - | HEADER_VALUE"},
    };
  }

  @Test(dataProvider = "songs")
  public void readsSongs(String line, String expected) {
    String text =
        "title: Line\nsong: " + line + "\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n";
    Song song = Dances.check(text).dance().headers().songs().getFirst().value();
    assertEquals(
        String.join(
            " | ",
            song.title(),
            song.artist().orElse("-"),
            song.bpm().map(Tempo::label).orElse("-"),
            song.rate().label(),
            song.lengthSeconds().isPresent()
                ? String.valueOf(song.lengthSeconds().getAsInt())
                : "-",
            Dances.check(text).diagnostics().stream()
                .filter(Diagnostic::isError)
                .map(it -> it.code().name())
                .collect(Collectors.joining(" "))),
        expected);
  }

  /** Counts, items, then one word a place: count, foot, weight after, facing after. */
  @DataProvider
  public Object[][] lines() {
    return new Object[][] {
      {"1-3  vine R", "1RR12 2LL12 3RR12"},
      {"1 2 3&4  walk R L, shuffle R fwd", "1RR12 2LL12 3RR12 3&LL12 4RR12"},
      {"1-2, 3&4  walk R L, shuffle fwd", "1RR12 2LL12 3RR12 3&LL12 4RR12"},
      {"&1  ball step", "0&RR12 1LL12"},
      {"1a2  samba R", "1RR12 1aLL12 2RR12"},
      {"1e&a  walk R L R L", "1RR12 1eLL12 1&RR12 1aLL12"},
      {"1 and 2  coaster R", "1RR12 1&LL12 2RR12"},
      {"1–2  step pivot R 1/2 L", "1RR12 2LL6"},
      {"1  1/4 R side R", "1RR3"},
      {"1  step R fwd 1/4 L", "1RR9"},
      {"1-4  jazz box R 1/4 R", "1RR12 2LL12 3RR3 4LL3"},
      {"1&2  sailor R 1/4 R", "1RR3 1&LL3 2RR3"},
      {"1&2  shuffle R fwd 1/2 L", "1RR9 1&LL9 2RR6"},
      {"1-3  rolling vine R", "1RR3 2LL9 3RR12"},
      {"1-2  full turn R", "1RR6 2LL12"},
      {"1-4  monterey 1/2 R", "1RL12 2RR6 3LR6 4LL6"},
      {"1-2  step R fwd, pivot 1/2 L", "1RR12 2LL6"},
      {"1-4  paddle R 1/8 L x4", "1RL10:30 2RL9 3RL7:30 4RL6"},
      {"1-2  paddle turn R 1/4 L", "1RR12 2LL9"},
      {"1-4  bump R R L L", "1RR12 2RR12 3LL12 4LL12"},
      {"1-2  slide R, together R", "1RL12 2RR12"},
      {"1-2  together R both, side L", "1Rboth12 2LL12"},
      {"1-4  weave to R", "1RR12 2LL12 3RR12 4LL12"},
      {"1-2  hold, clap", "1-L12 2-L12"},
      {"1-2  touch R (clap), hitch R", "1RL12 2RL12"},
      {"1-4  Grapevine RIGHT, Touch LEFT beside", "1RR12 2LL12 3RR12 4LR12"},
      {"1-8  rumba box R", "1RR12 2LL12 3RR12 4-R12 5LL12 6RR12 7LL12 8-L12"},
      {"1&2 3&4  rumba box R", "1RR12 1&LL12 2RR12 3LL12 3&RR12 4LL12"},
      {"1-2  unwind L 3/4 R, hold", "1LL9 2-L9"},
    };
  }

  @Test(dataProvider = "lines")
  public void reads(String line, String expected) {
    String text = "title: Line\nstart: weight L\nsection 1\n" + line + "  # a remark\n";
    List<String> places =
        Dances.dance(text).main().places().stream().map(NotationTest::brief).toList();
    assertEquals(String.join(" ", places), expected);
    assertEquals(
        Dances.codes(text).stream().filter(code -> !code.equals("end-weight")).toList(), List.of());
  }

  /**
   * What is easily read wrongly without anybody noticing: the steps with their facings, and what is
   * said of it. Common practice, no source.
   */
  @DataProvider
  public Object[][] pitfalls() {
    return new Object[][] {
      {"1-2  full turn L", "R step back 6, L step fwd 12", "full turn left"},
      {"1-2  full turn R", "R step back 6, L step fwd 12", "full turn right; turn-foot"},
      {"1-2  pivot turn R", "R step fwd 12, L pivot 6", "step pivot right 1/2 R; turn-foot"},
      {"1  1/4 spin L", "- spin 9", "spin 1/4 L"},
      {"1-2  press R, recover", "R press fwd 12, L recover 12", "press right; recover left"},
      {"1-3  vine R 1/4 R", "R step side 12, L step behind 12, R step fwd 3", "vine right 1/4 R"},
      {
        "1&2  shuffle R 1/2 R",
        "R step side 3, L step together 3, R step fwd 6",
        "shuffle right 1/2 R"
      },
      {
        "1&2  shuffle R 1/2 L",
        "R step side 9, L step together 9, R step back 6",
        "shuffle right 1/2 L"
      },
      {
        "1&2  shuffle to R",
        "R step side 12, L step together 12, R step side 12",
        "shuffle side right"
      },
      {"1  step R to R", "R step side 12", "side right"},
      {"1  slide R to R", "R slide side 12", "slide side right"},
      {
        "1-2  side R, close L to R",
        "R step side 12, L step together 12",
        "side right; together left"
      },
      {"1-2  side R, drag L to R", "R step side 12, L drag together 12", "side right; drag left"},
      {
        "1-4  walk R L R L 3/4 L",
        "R step fwd 10:30, L step fwd 7:30, R step fwd 6, L step fwd 3",
        "walk right 1/8 L; walk left 1/4 L; walk right 1/8 L; walk left 1/4 L; turn-whole"
      },
      {
        "&1&2  heel jack R",
        "R step back 12, L heel diag-fwd 12, L step together 12, R step cross 12",
        "heel jack right"
      },
      {
        "1 2&  basic R",
        "R step side 12, L rock behind 12, R recover cross 12",
        "nightclub basic right"
      },
      {
        "1&2  kick ball step R",
        "R kick fwd 12, R step together 12, L step fwd 12",
        "kick ball step right"
      },
      {"1-2  jump fwd R L", "R step out-fwd 12, L step out 12", "jump apart fwd right"},
      {
        "1-4  jazz box R 1/2 R",
        "R step cross 12, L step back 3, R step side 6, L step together 6",
        "jazz box right 1/2 R"
      },
      {
        "1-3  step R, lock L, step R",
        "R step fwd 12, L step lock-behind 12, R step fwd 12",
        "fwd right; lock left; fwd right"
      },
      {"1-2  swivel heels R L", "- swivel 12, - swivel 12", "swivel right; swivel left"},
      {"1-2  toe fan R", "R fan 12, R fan 12", "toe fan right"},
      {"1  stomp R (no weight)", "R stomp-up together 12", "stomp-up right"},
    };
  }

  @Test(dataProvider = "pitfalls")
  public void isNotReadWronglyInSilence(String line, String steps, String calls) {
    String text = "title: Line\nstart: weight L\nsection 1\n" + line + "\n";
    List<Place> places = Dances.dance(text).main().places();
    assertEquals(
        places.stream()
            .map(place ->
                place.foot().map(Foot::letter).orElse("-")
                    + " "
                    + place.description()
                    + " "
                    + place.facing().clock())
            .collect(Collectors.joining(", ")),
        steps);
    List<String> said =
        new ArrayList<>(DancedFigure.of(places).stream().map(it -> it.call().words()).toList());
    Dances.check(text).diagnostics().stream()
        .map(one -> one.code().word())
        .filter(code -> code.startsWith("turn-"))
        .distinct()
        .forEach(said::add);
    assertEquals(String.join("; ", said), calls);
  }

  private static String brief(Place place) {
    return place.count().label()
        + place.foot().map(foot -> foot.letter()).orElse("-")
        + place.after().label()
        + place.facing().clock();
  }

  @Test
  public void waltzSectionsHaveSixCounts() {
    Dance waltz =
        Dances.dance(
            "title: Waltz\nmeter: 3\nwalls: 4\nsection 1\n1-6  waltz basic L fwd, waltz basic R back 1/4"
                + " R\n");
    assertEquals(waltz.counts(), 6);
    assertEquals(waltz.startWeight(), Weight.RIGHT);
    assertEquals(waltz.turn().label(), "1/4 R");
    assertEquals(
        Dances.codes("title: W\nmeter: 3\nsection 1\n1-8  hold x8\n").getFirst(), "count-outside");
  }

  @Test
  public void variationsMustRejoin() {
    String dance = "title: V\nsection 1\n1-4  vine R, touch L\n5-8  rolling vine L, touch R\n\n";
    assertEquals(
        Dances.codes(
            dance + "option Plain for section 1, counts 5-8: easier\n5-8  vine L, touch R\n"),
        List.of());
    assertEquals(
        Dances.codes(dance + "option No for section 1, counts 5-8: easier\n5-8  vine L, step R\n"),
        List.of("option-weight"));
    assertEquals(
        Dances.codes(
            dance + "option No for section 1, counts 5-8: easier\n5-6  side touch L\n7  hold\n"),
        List.of("option-counts"));
    assertEquals(
        Dances.codes(
            dance + "option No for section 1, counts 5-8: ours\n5-8  vine L 1/4 L, touch R\n"),
        List.of("option-facing"));
  }

  @Test
  public void phrasingIsDanced() {
    String dance =
        "title: P\nsection 1\n1-8  walk R L R L R L R L\nsection 2\n1-8  walk R L R L R L, step pivot"
            + " R 1/2 L\n\nbridge Wait\n1-2  sway R L\nending Pose\n1-2  stomp R, stomp L\n\nphrasing\n"
            + "wall 1: bridge Wait after 8\nwall 2: repeat section 2 x2\nwall 3: restart after 8"
            + " changing 7-8: step pivot R 1/2 L\nwall 4: ending after 4: Pose\n";
    assertEquals(Dances.codes(dance), List.of());
    var walls = ulnaawl.wall.WallSequence.of(Dances.dance(dance)).walls();
    assertEquals(walls.stream().map(w -> w.counts()).toList(), List.of(18, 24, 8, 6));
    assertEquals(
        walls.stream().map(w -> w.startFacing().clock()).toList(), List.of("12", "6", "6", "12"));
  }

  /** By hand: a wall of 16, both sections twice more on wall 2; each time half a turn is danced. */
  @Test
  public void sectionsInARowAreRepeated() {
    String dance =
        "title: P\nsection 1\n1-8  walk R L R L R L R L\nsection 2\n1-8  walk R L R L R L, step pivot"
            + " R 1/2 L\nphrasing\n";
    for (String said : List.of("sections 1-2 x3", "section 1 and 2 x3", "sections 1 to 2 x 3")) {
      String text = dance + "wall 2: repeat " + said + "\n";
      assertEquals(Dances.codes(text), List.of(), said);
      var walls = ulnaawl.wall.WallSequence.of(Dances.dance(text)).walls();
      assertEquals(walls.get(1).counts(), 48, said);
      assertEquals(walls.get(2).startFacing().clock(), "12", said);
    }
    assertEquals(
        Dances.codes(dance + "wall 2: repeat sections 2-3 x2\n"), List.of("unknown-section"));
    assertEquals(
        Dances.codes(dance + "wall 2: repeat sections 2-1 x2\n"), List.of("unknown-section"));
  }

  /** "Repeat counts 3-4" is these counts and no others; what is not on the line is not guessed. */
  @Test
  public void countsThatAreRepeatedStandOnTheLine() {
    String head = "title: R\nstart: weight L\nsection 1\n";
    Dance dance = Dances.dance(head + "1-6  walk R L, touch R fwd, touch R, repeat counts 3-4\n");
    assertEquals(
        dance.main().places().stream().map(place -> place.action().name()).toList(),
        List.of("step", "step", "touch", "touch", "touch", "touch"));
    assertTrue(Dances.codes(head + "5-8  walk R L, repeat counts 1-2\n").contains("places"));
  }

  @Test
  public void phrasedDancesFollowTheirOrder() {
    String dance =
        "title: O\npart A\nsection 1\n1-8  walk R L R L R L, step pivot R 1/2 L\npart B\nsection 2\n"
            + "1-4  sway R L R L\ntag Lull\n1-2  sway R L\nphrasing\norder: A B A Lull A\n";
    assertEquals(Dances.codes(dance), List.of());
    var walls = ulnaawl.wall.WallSequence.of(Dances.dance(dance)).walls();
    assertEquals(walls.stream().map(w -> w.part()).toList(), List.of("A", "B", "A", "A"));
    assertEquals(walls.stream().map(w -> w.startCount()).toList(), List.of(0, 8, 12, 22));
  }
}
