package ulnaawl.check;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.notation.Limits;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;
import ulnaawl.text.Mend;
import ulnaawl.text.SourceText;

/** What is said about a dance that has one slip, where, and what is offered. */
public class DiagnosticsTest {

  /** Code, what stands at its place, a word of the message, and the first mend or nothing. */
  @DataProvider
  public Object[][] slips() {
    return new Object[][] {
      {"vine R, touch L", "vyne R, touch L", "unknown-figure", "vyne", "near it: vine", "vine"},
      {"vine R, touch L", "vine R", "places", "1-4", "1 place left over", ", hold"},
      {"7&8    shuffle R back", "7-8    shuffle R back", "places", "7-8", "Likely: 7&8", "7&8"},
      {"side L, touch R", "side R, touch R", "foot-not-free", "R", "right foot is not free", "L"},
      {"walls: 4", "walls: 2", "wall-turn", "2", "turns 1/4 L in all", "4"},
      {"counts: 32", "counts: 48", "counts", "48", "16 missing", "32"},
      {"monterey R 1/4 R", "monterey R 1/2 R", "wall-turn", "4", "turns", "1"},
      {"walk R L\n", "walk R, touch L\n", "foot-not-free", "R", "it carries the weight", "L"},
      {
        "5-8    monterey R 1/4 R",
        "5-8    vine R 1/4 R, touch L",
        "end-weight",
        "touch L",
        "weight on R",
        ""
      },
      {
        "restart after 16 changing 15-16: walk R L back",
        "restart after 16",
        "join-weight",
        "wall 5: restart after 16",
        "left foot is free",
        ""
      },
      {
        "changing 15-16: walk R L",
        "changing 13-14: walk R, touch L",
        "change-weight",
        "13-14: walk R, touch L back",
        "goes on from",
        ""
      },
      {"restart after 16", "restart after 64", "after-counts", "64", "1 to 31", ""},
      {"wall 5:", "wall 0:", "wall-number", "0", "no wall 0", ""},
      {"tag Lull\n1-4", "tag Lul\n1-4", "", "", "", ""},
      {
        "after wall 2: tag Lull",
        "after wall 2: tag Lulu",
        "unknown-tag",
        "Lulu",
        "there is Lull",
        "Lull"
      },
      {
        "112 bpm",
        "0 bpm",
        "song-tempo",
        "Paper Lanterns / The Tidewater Pickers / 0 bpm / 3:10",
        "20 to 400",
        ""
      },
      {"level: beginner", "level: easyish", "header-value", "easyish", "no level", ""},
      {"5-8    side L", "5-40   side L", "count-outside", "5-40", "counts 1 to 8", ""},
      {"sway R L R L", "sway R L R", "places", "1-4", "1 place left over", ", hold"},
      {"title: Paper", "titel: Paper", "not-understood", "titel: Paper Lanterns", "headers", ""},
      {"3&4    mambo L side", "2&3    mambo L side", "count-order", "2&3", "comes after", ""},
      {"walk R L\n", "walk R L both\n", "which-foot", "", "", ""},
      {"counts: 32", "counts: 36", "counts", "36", "say so with a plus", "32 + 4"},
      {"counts: 32", "counts: 32 + 8", "tag-counts", "8", "4 counts together", "4"},
      {
        "level: beginner",
        "level: advanced",
        "level",
        "advanced",
        "4 levels easier",
        "high beginner"
      },
      {"after wall 2: tag Lull", "wall 2: starts facing 6", "stated-facing", "6", "are 3, 8", "9"},
      {"tag Lull\nwall", "tag Lull facing 3\nwall", "stated-facing", "3", "begins facing 6", "6"},
      {"after 16 ch", "after 16 facing 6 ch", "stated-facing", "6", "wall 5 is facing 12", "12"},
      {"restart after 16", "restart after 16 facing 5", "facing", "5", "no facing", ""},
      {"15-16: walk R L back", "15-16: step pivot R 1/8 L", "restart-facing", "", "10:30", ""},
      {
        "1-2    rock L back\n3&4    shuffle L fwd",
        "1&2    cross L, cross R, cross L\n3-4    together R, step L",
        "impossible-step",
        "cross R",
        "stands crossed behind",
        ""
      },
      {"7-8    walk R L\n", "", "short-section", "section 3", "stops after count 6", ""},
    };
  }

  @Test(dataProvider = "slips")
  public void says(
      String right, String wrong, String code, String at, String word, String replacement) {
    String text = Dances.paperLanterns();
    if (wrong.contains("both")) {
      // From both feet, a figure without a stated foot cannot be danced.
      text = text.replace("mambo R side", "mambo side");
    }
    assertTrue(text.contains(right), right);
    String slipped = text.replace(right, wrong);
    List<Diagnostic> found = Dances.faults(slipped);
    if (code.isEmpty()) {
      assertEquals(found.getLast().code(), Code.UNKNOWN_TAG);
      return;
    }
    Diagnostic diagnostic =
        found.stream()
            .filter(one -> one.code().word().equals(code))
            .findFirst()
            .orElseThrow(() -> new AssertionError("No " + code + " in " + found));
    if (!at.isEmpty()) {
      assertEquals(slipped.substring(diagnostic.span().start(), diagnostic.span().end()), at);
    }
    assertTrue(diagnostic.message().contains(word), diagnostic.message());
    if (!replacement.isEmpty()) {
      assertEquals(diagnostic.mends().getFirst().replacement(), replacement);
    }
  }

  @Test
  public void mendsLeadBackToACleanDance() {
    String text = Dances.paperLanterns();
    List<String[]> slips =
        List.of(
            new String[] {"vine R, touch L", "vyne R, touch L"},
            new String[] {"side L, touch R", "side R, touch R"},
            new String[] {"counts: 32", "counts: 31"},
            new String[] {"walls: 4", "walls: 1"},
            new String[] {"7&8    shuffle R back", "7-8    shuffle R back"},
            new String[] {"after wall 2: tag Lull", "after wall 2: tag Lol"});
    for (String[] slip : slips) {
      String slipped = text.replace(slip[0], slip[1]);
      Mend mend = Dances.faults(slipped).getFirst().mends().getFirst();
      String mended =
          slipped.substring(0, mend.span().start())
              + mend.replacement()
              + slipped.substring(mend.span().end());
      assertEquals(Dances.codes(mended), List.of(), slip[1]);
    }
  }

  /** Case F of the wall cases: common practice, no source. */
  @Test
  public void saysWhichWallsStartThereWhenTheSheetCannotBeTrue() {
    String text =
        "title: F\nwalls: 2\nsection 1\n1-8  walk R L R L R L, step pivot R 1/2 L\nsection 2\n"
            + "1-8  walk R L R L R L R L\nphrasing\nwall 3: starts facing 6\n";
    assertEquals(
        Dances.faults(text).getFirst().message(),
        "Wall 3 starts facing 12, not 6: the walls that start at 6 are 2, 4, 6, 8 ….");
  }

  @Test
  public void tellsWhatRepeatsAndWhatIsEmpty() {
    String text =
        "title: E\nsection 1\n1-4  vine R, touch L\n5-8  vine L, touch R\n"
            + "section 2\n1-4  vine R, touch L\n5-8  vine L, touch R\n"
            + "section 3\n1-2  rock R fwd\n3-4  rock R back\n5  step R\n7-8  walk L R\n"
            + "section 4\n1-2  rock L fwd\n3-4  rock L back\n5  step L\n7-8  walk R L\n";
    List<String> infos = Dances.infos(text);
    assertTrue(infos.contains("Section 2 repeats section 1."), infos.toString());
    assertTrue(infos.contains("The second half of section 1 mirrors the first."), infos.toString());
    assertTrue(
        infos.contains("Nothing is written on count 6 of section 3; write hold if that is meant."),
        infos.toString());
  }

  @Test
  public void saysLineAndColumn() {
    String text = Dances.paperLanterns().replace("vine R, touch L", "vyne R, touch L");
    Diagnostic first = Dances.faults(text).getFirst();
    SourceText source = SourceText.of(text);
    assertEquals(source.line(first.span().start()), 11);
    assertEquals(source.column(first.span().start()), 8);
  }

  @Test
  public void twoTagsOfOneName() {
    String text =
        Dances.paperLanterns().replace("phrasing", "tag Lull\n1-4  sway R L R L\n\nphrasing");
    assertEquals(Dances.codes(text), List.of("duplicate-name"));
  }

  @Test
  public void answersWhateverIsTyped() {
    assertEquals(Dances.codes(""), List.of("no-sections", "no-title"));
    assertEquals(Dances.codes("x".repeat(2_000_000)), List.of("too-long"));
    assertTrue(Dances.codes("\u0000\u0001\u00ff\n".repeat(50)).contains("no-sections"));
    String many = "title: Many\nsection 1\n" + "1-4  vyne R\n".repeat(4000);
    int found = Dances.check(many).diagnostics().size();
    assertTrue(found >= 1 && found <= 2 * Limits.DIAGNOSTICS, found + " of 4000");
    for (String odd :
        List.of(
            "&",
            "a",
            "1",
            "1-",
            "-1",
            "1/4",
            "1-4",
            "section",
            "section 99999999999",
            "tag",
            "part",
            "phrasing\norder:",
            "phrasing\norder: A",
            "phrasing\nwall 1: restart after 99999999999",
            "section 1\n1-4  vine R x0",
            "section 1\n1-4  vine R x9999",
            "section 1\n1-2  (((",
            "section 1\n1-2  ,,,",
            "section 1\n1&a2e  hold x5",
            "counts: 0",
            "walls: 3",
            "meter: 5",
            "song: / / 0 bpm",
            "section 1\n1  1/4",
            "section 1\n1  to R",
            "section 1\n1  turn")) {
      for (Diagnostic one : Dances.check(odd).diagnostics()) {
        assertTrue(one.span().end() <= odd.length(), odd + " " + one);
        assertFalse(one.message().isBlank());
      }
    }
  }

  @Test
  public void everyTruncationOfADanceIsAnswered() {
    String text = Dances.paperLanterns();
    for (int end = 0; end < text.length(); end++) {
      String cut = text.substring(0, end);
      for (Diagnostic one : Dances.check(cut).diagnostics()) {
        assertTrue(one.span().end() <= cut.length(), one.toString());
      }
    }
  }
}
