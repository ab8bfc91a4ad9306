package ulnaawl.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/**
 * The folder of the demo club as it is when it has just been loaded, once for all tests of this
 * process: loading takes longer than all else of a start.
 */
final class LoadedClub {

  private LoadedClub() {}

  private static final class Once {
    static final Path FOLDER = load();
  }

  private static Path load() {
    try {
      Path folder = Files.createTempDirectory("ulna-loaded");
      try (RunningApp app = RunningApp.open(RunningApp.TODAY, folder, true, "loaded.log")) {
        app.stop();
      }
      return folder;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Puts it into a folder, where there is nothing in it. */
  static void into(Path folder) throws IOException {
    Files.createDirectories(folder);
    if (!files(folder).isEmpty()) {
      return;
    }
    for (Path file : files(Once.FOLDER)) {
      Files.copy(file, folder.resolve(file.getFileName()));
    }
  }

  private static List<Path> files(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.toList();
    }
  }
}
