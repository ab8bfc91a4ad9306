package ulnaawl.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The demo club as the server's build left it when it had just been loaded. */
final class LoadedClub {

  private static final Path FOLDER = Path.of("../server/target/rehearsed");

  private LoadedClub() {}

  /** Puts it into a folder, where there is nothing in it. */
  static void into(Path folder) throws IOException {
    Files.createDirectories(folder);
    if (!files(folder).isEmpty()) {
      return;
    }
    for (Path file : files(FOLDER)) {
      Files.copy(file, folder.resolve(file.getFileName()));
    }
  }

  private static List<Path> files(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.toList();
    }
  }
}
