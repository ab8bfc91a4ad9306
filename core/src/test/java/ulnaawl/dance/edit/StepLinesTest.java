package ulnaawl.dance.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import ulnaawl.dance.compile.DanceCompiler;
import ulnaawl.figure.FigureBook;

/** Two versions are compared by what is danced; worked by hand. */
public class StepLinesTest {

  private static final FigureBook BOOK = FigureBook.standard();

  private static List<String> lines(String text) {
    return StepLines.of(DanceCompiler.compile(text, BOOK).dance(), BOOK);
  }

  private static List<String> gone(List<String> was, List<String> now) {
    List<String> left = new ArrayList<>(was);
    now.forEach(left::remove);
    return left;
  }

  private static final String TEXT =
      """
      title: Tin
      section 1: Out and back
      1-4  vine R, touch L
      5-8  vine L, touch R
      section 2
      1-2  rock R fwd
      3&4  shuffle R back
      5-8  walk L R L R
      phrasing
      wall 3: restart after 8
      """;

  @Test
  public void howItIsTypedMakesNoDifference() {
    String typed =
        TEXT.replace("1-4  vine R, touch L\n", "1-3 vine R\n4   touch L\n")
            .replace("rock R fwd", "rock R forward");
    assertEquals(lines(typed), lines(TEXT));
  }

  @Test
  public void anotherFigureIsOneLineWithItsCounts() {
    List<String> was = lines(TEXT);
    List<String> now = lines(TEXT.replace("touch R", "stomp R"));
    assertEquals(gone(was, now), List.of("section 1, 8: touch right"));
    assertEquals(gone(now, was), List.of("section 1, 8: stomp right"));
  }

  @Test
  public void headAndPhrasingStandAsTheyAreWritten() {
    List<String> was = lines(TEXT);
    assertTrue(was.contains("title: Tin"), was.toString());
    List<String> now = lines(TEXT.replace("wall 3: restart after 8", "wall 4: restart after 8"));
    assertEquals(gone(was, now), List.of("wall 3: restart after 8"));
    assertEquals(gone(now, was), List.of("wall 4: restart after 8"));
  }
}
