package ulnaawl.check;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.Dances;
import ulnaawl.text.Code;
import ulnaawl.text.Diagnostic;

/** Every code has a text that earns it; docs/diagnostics.md is made from both. */
public class DiagnosticsPageTest {

  private static final Path PAGE = Path.of("../docs/diagnostics.md");
  private static final Map<Code, String> EXAMPLES = examples();

  private static Map<Code, String> examples() {
    Map<Code, String> found = new EnumMap<>(Code.class);
    for (String block : Dances.resource("diagnostics.txt").split("(?m)^== ")) {
      String[] parts = block.split("\n", 2);
      Stream.of(Code.values())
          .filter(code -> code.word().equals(parts[0].strip()))
          .forEach(code -> found.put(code, parts[1]));
    }
    return found;
  }

  /** The text itself: what is long is written in short. */
  private static String written(String example) {
    StringBuilder text = new StringBuilder();
    for (String line : example.lines().toList()) {
      if (line.startsWith("\\x")) {
        text.append("x".repeat(Integer.parseInt(line.substring(2))));
      } else if (line.startsWith("\\lines ")) {
        String[] words = line.split(" ", 3);
        text.append((words[2] + "\n").repeat(Integer.parseInt(words[1])));
      } else {
        text.append(line);
      }
      text.append('\n');
    }
    return text.toString();
  }

  @DataProvider
  public Object[][] codes() {
    return Stream.of(Code.values()).map(code -> new Object[] {code}).toArray(Object[][]::new);
  }

  @Test(dataProvider = "codes")
  public void everyCodeHasAnExampleThatEarnsIt(Code code) {
    String example = EXAMPLES.getOrDefault(code, "");
    assertTrue(!example.isEmpty(), "no example of " + code.word());
    String text = written(example);
    List<Diagnostic> found = Dances.check(text).diagnostics();
    Diagnostic own =
        found.stream()
            .filter(one -> one.code() == code)
            .findFirst()
            .orElseThrow(() -> new AssertionError("Not said: " + code.word() + " in " + found));
    assertTrue(own.span().end() <= text.length());
    assertTrue(own.message().length() > 15, own.message());
  }

  /** Write with: ./ulna docs. */
  @Test
  public void thePageSaysWhatTheCodesMean() throws IOException {
    StringBuilder page = new StringBuilder();
    page.append("# Diagnostics: what is said about a step text\n\n");
    page.append("Made from the codes and their examples by `./ulna docs`; do not edit.\n\n");
    page.append(
        "Errors keep a dance from being danced as written; warnings are probably not meant;\n");
    page.append("infos are worth knowing.\n\n");
    page.append("| code | severity | what it says | for example |\n| --- | --- | --- | --- |\n");
    for (Code code : Code.values()) {
      String example = EXAMPLES.getOrDefault(code, "").strip();
      String shown = example.contains("\\") ? "" : "`" + example.replace("\n", "` ⏎ `") + "`";
      page.append("| ").append(code.word()).append(" | ").append(code.severity().word());
      page.append(" | ").append(code.meaning()).append(" | ").append(shown).append(" |\n");
    }
    if (Boolean.getBoolean("ulna.docs.write")) {
      Files.writeString(PAGE, page);
    }
    assertEquals(Files.readString(PAGE, StandardCharsets.UTF_8), page.toString());
  }
}
