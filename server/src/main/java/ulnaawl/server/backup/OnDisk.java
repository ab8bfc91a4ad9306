package ulnaawl.server.backup;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Objects;

/** Files that survive a power cut. */
final class OnDisk {

  private OnDisk() {}

  /** Brings a file's bytes to the disk. */
  static void force(Path file) throws IOException {
    try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
      channel.force(true);
    }
  }

  /** Gives a file that is on the disk its name at once; another one of that name is replaced. */
  static void rename(Path from, Path to) throws IOException {
    Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    forceFolder(Objects.requireNonNull(to.toAbsolutePath().getParent()));
  }

  private static void forceFolder(Path folder) throws IOException {
    if (Files.getFileStore(folder).supportsFileAttributeView("posix")) {
      try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
        channel.force(true);
      }
    }
  }
}
