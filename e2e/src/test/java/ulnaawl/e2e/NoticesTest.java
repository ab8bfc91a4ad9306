package ulnaawl.e2e;

import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Whatever ships with the server is named in the app, with its version and licence. */
public class NoticesTest {

  private static final Path LIBRARIES = Path.of("../server/target/app/lib");
  private static final Path NOTICES = Path.of("../web/src/notices.json");

  @Test
  public void nameEveryLibrary() throws IOException {
    String notices = Files.readString(NOTICES).replaceAll("\\s+", " ");
    List<String> jars;
    try (Stream<Path> files = Files.list(LIBRARIES)) {
      jars =
          files
              .map(file -> file.getFileName().toString().replace(".jar", ""))
              .filter(name -> !isOurs(name))
              .toList();
    }
    assertTrue(jars.size() > 50, jars.toString());
    for (String jar : jars) {
      String name = jar.replaceAll("-\\d.*", "");
      String version = jar.substring(name.length() + 1);
      assertTrue(
          notices.contains("\"name\": \"" + name + "\", \"version\": \"" + version + "\""),
          jar + " is not in the notices; ./ulna notices writes them");
    }
  }

  /** Whether it is a module of this project. */
  private static boolean isOurs(String jar) {
    return Files.exists(Path.of("..", jar.replaceAll("-\\d.*", ""), "pom.xml"));
  }
}
