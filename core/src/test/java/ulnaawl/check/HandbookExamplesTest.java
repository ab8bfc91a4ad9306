package ulnaawl.check;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.text.Diagnostic;

/** The dances that the handbook writes are dances. */
public class HandbookExamplesTest {

  private static final Path HANDBOOK = Path.of("../docs/handbook");
  private static final Pattern STEPS = Pattern.compile("(?s)```steps\\n(.*?)```");

  @Test
  public void everyExampleIsSound() throws IOException {
    List<String> examples;
    try (Stream<Path> chapters = Files.list(HANDBOOK)) {
      examples =
          chapters
              .filter(it -> it.toString().endsWith(".md"))
              .flatMap(it -> STEPS.matcher(text(it)).results().map(found -> found.group(1)))
              .toList();
    }
    assertTrue(examples.size() >= 2, "the handbook shows how a dance is written");
    for (String example : examples) {
      assertEquals(
          Dances.check(example).diagnostics().stream().filter(Diagnostic::isError).toList(),
          List.of(),
          example);
    }
  }

  private static String text(Path file) {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }
}
