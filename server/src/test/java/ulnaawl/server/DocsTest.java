package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import ulnaawl.server.wire.ReasonView;

/** What the documents say of the code and of each other, as far as a program can look it up. */
public class DocsTest {

  private static final Path ROOT = Path.of("..");
  private static final Pattern LINK = Pattern.compile("\\]\\(([^)#\\s]+)(?:#[^)]*)?\\)");
  private static final Pattern WORD = Pattern.compile("[a-z]+");

  private static String read(String file) throws IOException {
    return Files.readString(ROOT.resolve(file));
  }

  private static Set<String> packages(String folder) throws IOException {
    try (Stream<Path> all = Files.list(ROOT.resolve(folder))) {
      return all.filter(Files::isDirectory)
          .map(it -> it.getFileName().toString())
          .collect(Collectors.toCollection(TreeSet::new));
    }
  }

  private static Set<String> found(Pattern pattern, String text) {
    return pattern
        .matcher(text)
        .results()
        .map(MatchResult::group)
        .collect(Collectors.toCollection(TreeSet::new));
  }

  @Test
  public void theArchitectureNamesEveryPackage() throws IOException {
    String text = read("docs/architecture.md");
    int from = text.indexOf("contract ·");
    String server = text.substring(from, text.indexOf("platform", from) + "platform".length());
    assertEquals(
        found(WORD, server), packages("server/src/main/java/ulnaawl/server"), "of the server");
    String core = text.substring(text.indexOf("## core"), text.indexOf("## term"));
    Set<String> named =
        Pattern.compile("(?m)^\\| `(\\w+)` \\|")
            .matcher(core)
            .results()
            .map(it -> it.group(1))
            .collect(Collectors.toCollection(TreeSet::new));
    assertEquals(named, packages("core/src/main/java/ulnaawl"), "of the core");
  }

  @Test
  public void everyLinkLeadsSomewhere() throws IOException {
    List<String> broken = new ArrayList<>();
    List<Path> pages =
        new ArrayList<>(List.of(ROOT.resolve("README.md"), ROOT.resolve("CONTRIBUTING.md")));
    try (Stream<Path> all = Files.walk(ROOT.resolve("docs"))) {
      all.filter(it -> it.toString().endsWith(".md")).forEach(pages::add);
    }
    for (Path page : pages) {
      LINK.matcher(Files.readString(page))
          .results()
          .map(it -> it.group(1))
          .filter(it -> !it.matches("(https?:|mailto:|/).*"))
          .filter(it -> !Files.exists(page.resolveSibling(it)))
          .forEach(it -> broken.add(page + ": " + it));
    }
    assertEquals(broken, List.of());
    assertTrue(pages.size() > 40, pages.size() + " pages");
  }

  @Test
  public void numbersOfTestsAreThoseOfTheTests() throws IOException {
    String kills =
        Pattern.compile("torture\\.cycles\", (\\d+)")
            .matcher(read("e2e/src/test/java/ulnaawl/e2e/KillTest.java"))
            .results()
            .findFirst()
            .orElseThrow()
            .group(1);
    assertTrue(
        read("docs/security.md").contains("`KillTest` (" + kills + " kills;"), kills + " kills");
  }

  @Test
  public void aReasonTravelsAsTheContractSays() throws IOException {
    String parts =
        Stream.of(ReasonView.class.getRecordComponents())
            .map(it -> it.getName())
            .collect(Collectors.joining(", ", "`{", "}`"));
    assertTrue(read("docs/contract.md").contains(parts), parts);
    assertTrue(read("docs/decisions/0009-reasons-are-values.md").contains("sent as " + parts));
  }

  @Test
  public void picturesAreFewAndShown() throws IOException {
    List<Path> pictures;
    try (Stream<Path> all = Files.list(ROOT.resolve("docs/screenshots"))) {
      pictures = all.toList();
    }
    assertTrue(pictures.size() < 20, pictures.size() + " pictures");
    String readme = read("README.md");
    for (Path picture : pictures) {
      assertTrue(readme.contains(picture.getFileName().toString()), picture + " is shown");
    }
  }
}
