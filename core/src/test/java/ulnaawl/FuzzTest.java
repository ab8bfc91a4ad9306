package ulnaawl;

import static org.testng.Assert.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;
import ulnaawl.dance.Compilation;
import ulnaawl.figure.FigureBook;
import ulnaawl.notation.Limits;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.text.Diagnostic;

/**
 * Whatever comes in, the engine answers at once, without an exception, and points only into the
 * text: random bytes, random tokens, mutated dances, deep nesting.
 */
public class FuzzTest {

  private static final int INPUTS = Tries.of(5_000, 200_000);

  private static final List<String> TOKENS =
      List.of(
          "section",
          "1-4",
          "&",
          "1&2",
          "vine",
          "R",
          "L",
          "1/4",
          "1/2 R",
          "x3",
          "x99",
          ",",
          "(",
          ")",
          "\n",
          "tag",
          "Lull",
          "phrasing",
          "wall",
          "after",
          "2",
          ":",
          "restart",
          "changing",
          "option",
          "for",
          "counts",
          "easier",
          "order",
          "A",
          "part",
          "title:",
          "walls:",
          "meter: 3",
          "both",
          "shuffle",
          "jazz box",
          "to",
          "#",
          "bridge",
          "ending",
          "repeat",
          "facing",
          "6",
          "10:30",
          "99999999",
          "-",
          "–",
          "e",
          "a",
          "optional",
          "starts",
          "+",
          "/",
          "bpm",
          "0 bpm",
          "song:");

  private final Random random = new Random(20_261_125);
  private final String[] seeds = {
    Dances.paperLanterns(), RandomDance.text(1), RandomDance.text(2), RandomDance.danceable(3, 8)
  };

  @Test
  public void answersEverything() {
    for (int i = 0; i < INPUTS; i++) {
      answer(input(i));
    }
  }

  private String input(int number) {
    return switch (number % 4) {
      case 0 -> bytes(random.nextInt(120));
      case 1 -> tokens(random.nextInt(30));
      case 2 -> mutated(seeds[random.nextInt(seeds.length)]);
      default -> "title: T\nsection 1\n" + tokens(random.nextInt(12)) + "\n" + tokens(8);
    };
  }

  private String bytes(int length) {
    byte[] bytes = new byte[length];
    random.nextBytes(bytes);
    return new String(
        bytes, random.nextBoolean() ? StandardCharsets.UTF_8 : StandardCharsets.ISO_8859_1);
  }

  private String tokens(int count) {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < count; i++) {
      text.append(TOKENS.get(random.nextInt(TOKENS.size())))
          .append(random.nextInt(6) == 0 ? "" : " ");
    }
    return text.toString();
  }

  private String mutated(String text) {
    StringBuilder changed = new StringBuilder(text);
    int changes = 1 + random.nextInt(4);
    for (int i = 0; i < changes && changed.length() > 2; i++) {
      int at = random.nextInt(changed.length());
      switch (random.nextInt(4)) {
        case 0 -> changed.deleteCharAt(at);
        case 1 -> changed.insert(at, TOKENS.get(random.nextInt(TOKENS.size())));
        case 2 -> changed.setCharAt(at, (char) random.nextInt(0x250));
        default -> changed.setLength(at);
      }
    }
    return changed.toString();
  }

  /**
   * Large and nested inputs: each is answered, and none holds everything up. What goes back and
   * forth over its text would be at it for hours; how quick it is, the benchmarks say.
   */
  @Test(timeOut = 5 * 60_000)
  public void isNotHeldUpByLargeInputs() {
    String vines = "title: T\nsection 1\n" + "1-4  vine R, touch L\n".repeat(3200);
    List<String> large =
        List.of(
            "(".repeat(60_000),
            "section 1\n1-4  " + "(".repeat(30_000) + ")".repeat(30_000),
            "section 1\n1-4  " + ",".repeat(60_000),
            "section 1\n1-4  " + "vine ".repeat(12_000),
            "section 1\n" + "1&".repeat(30_000),
            "phrasing\nwall " + "1, ".repeat(20_000) + "2: restart after 4",
            "phrasing\norder: " + "A ".repeat(30_000),
            "song: " + "/ ".repeat(30_000),
            "option " + "for section ".repeat(5_000),
            "tag " + "x ".repeat(30_000),
            vines.substring(0, Limits.TEXT - 1),
            "section 1\n".repeat(6_000),
            "phrasing\n" + "wall 1, 2, 3: restart after 4\n".repeat(2_000),
            "section 1\n" + "1-4  vyne R, waek L\n".repeat(3_000),
            "song: a / b / 100 bpm\n".repeat(2_900),
            "x".repeat(2_000_000),
            "1-4 ".repeat(500_000));
    for (String text : large) {
      answer(text);
    }
  }

  private static void answer(String text) {
    Compilation compiled = Dances.check(text);
    for (Diagnostic one : compiled.diagnostics()) {
      assertTrue(
          one.span().start() <= one.span().end() && one.span().end() <= text.length(),
          one + " in " + text);
      one.mends()
          .forEach(mend -> assertTrue(mend.span().end() <= text.length(), one + " in " + text));
    }
    StepTextFormatter.format(compiled.dance().script(), FigureBook.standard());
  }
}
