package ulnaawl.notation.read;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;

/**
 * Every example of the manual is what the manual says of it: {@code steps} is a whole dance and
 * {@code line} are step lines, both without a mistake; {@code wrong CODE} has that one mistake.
 */
public class ManualTest {

  private static final Pattern EXAMPLE =
      Pattern.compile(
          "^ *```(steps|line|wrong [a-z-]+)\n(.*?)^ *```$", Pattern.DOTALL | Pattern.MULTILINE);

  @DataProvider
  public Object[][] examples() throws IOException {
    Matcher found = EXAMPLE.matcher(Files.readString(Path.of("../docs/step-text.md")));
    List<Object[]> examples = new ArrayList<>();
    while (found.find()) {
      examples.add(new Object[] {found.group(1), found.group(2)});
    }
    assertTrue(examples.size() >= 9, "examples in the manual");
    return examples.toArray(Object[][]::new);
  }

  @Test(dataProvider = "examples")
  public void isTrue(String kind, String example) {
    boolean whole = kind.equals("steps");
    String text = whole ? example : "title: Example\nstart: weight L\nsection 1\n" + example;
    List<String> codes = new ArrayList<>(Dances.codes(text));
    if (!whole) {
      codes.remove("end-weight");
    }
    List<String> expected =
        kind.startsWith("wrong ") ? List.of(kind.substring("wrong ".length())) : List.of();
    assertEquals(codes, expected, example + Dances.faults(text));
  }
}
