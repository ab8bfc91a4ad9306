package ulnaawl.server.storage;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import ulnaawl.server.platform.StartRefusal;

/**
 * The folder of a club. While a server runs it holds the folder's lock, so that a second one cannot
 * open the same database; only the account that runs it may read what lies there.
 */
public final class ClubFolder implements AutoCloseable {

  private static final String NAME = "ulna-awl";
  private static final String DATABASE = NAME + DatabaseFile.ENDING;
  private static final String BACKUPS = "backups";
  private static final String KEPT = "before-restore-";
  private static final String MARKER = "club.txt";
  private static final String LOCK = NAME + ".lock";
  private static final String MARKED =
      """
      A club lives in this folder: ulna-awl.mv.db is its database.
      As long as this file lies here, no new club is begun where that one is missing or damaged.
      """;

  private final Path folder;
  private @Nullable FileChannel lockFile;

  /**
   * A club's folder, whether there is one yet or not.
   *
   * @param folder where it is
   */
  public ClubFolder(Path folder) {
    this.folder = folder.toAbsolutePath().normalize();
  }

  /** The database's file. */
  public Path database() {
    return folder.resolve(DATABASE);
  }

  /** Where its backups lie, where nobody has chosen another place. */
  public Path backups() {
    return folder.resolve(BACKUPS);
  }

  /** A file of ours in the folder: its name begins as the database's does. */
  public Path file(String ending) {
    return folder.resolve(NAME + "." + ending);
  }

  /**
   * Where a database goes that a restore took the place of. Its name does not begin as the
   * database's does: H2 would take it for a part of it.
   */
  public Path kept(String stamp) {
    return folder.resolve(KEPT + stamp + DatabaseFile.ENDING);
  }

  /** Whether a club has lived here before. */
  boolean isMarked() {
    return Files.exists(folder.resolve(MARKER));
  }

  /**
   * Takes the folder for this server.
   *
   * @throws StartRefusal where it cannot be written, or another server has it
   */
  public void open() {
    try {
      Files.createDirectories(folder);
      lockFile =
          FileChannel.open(
              folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      @Nullable FileLock lock = lockFile.tryLock();
      if (lock == null) {
        throw taken();
      }
      keepPrivate();
    } catch (OverlappingFileLockException e) {
      throw taken();
    } catch (IOException e) {
      throw new StartRefusal(
          "The folder " + folder + " cannot be written (" + reason(e) + ").",
          "Give another one, as in ./ulna start --data DIR, or make this one writable.");
    }
  }

  private StartRefusal taken() {
    return new StartRefusal(
        "Another server has the club in " + folder + " open.",
        "Use that one, or stop it first; two servers on one database would lose data.");
  }

  private static String reason(IOException e) {
    String message = e.getMessage();
    return e.getClass().getSimpleName().replace("Exception", "")
        + (message == null ? "" : ": " + message);
  }

  /** Says from now on that a club lives here. */
  public void mark() {
    try {
      if (!isMarked()) {
        Files.writeString(folder.resolve(MARKER), MARKED);
      }
      keepPrivate();
    } catch (IOException e) {
      throw new StartRefusal(
          "The folder " + folder + " cannot be written (" + reason(e) + ").",
          "Make room in it, and start again.");
    }
  }

  /**
   * Our files are their owner's alone, and so is a folder that holds nothing else; where the system
   * knows such rights. What somebody else put there is left as it is.
   */
  private void keepPrivate() throws IOException {
    boolean posix = Files.getFileAttributeView(folder, PosixFileAttributeView.class) != null;
    if (!posix) {
      return;
    }
    try (Stream<Path> files = Files.list(folder)) {
      List<Path> all = files.toList();
      List<Path> ours = all.stream().filter(ClubFolder::isOurs).toList();
      for (Path file : ours) {
        String rights = Files.isDirectory(file) ? "rwx------" : "rw-------";
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString(rights));
      }
      if (ours.size() == all.size()) {
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
      }
    }
  }

  private static boolean isOurs(Path file) {
    String name = file.getFileName().toString();
    return Files.isDirectory(file)
        ? name.equals(BACKUPS)
        : name.startsWith(NAME + ".") || name.startsWith(KEPT) || name.equals(MARKER);
  }

  /** Lets go of the folder. */
  @Override
  public void close() throws IOException {
    if (lockFile != null) {
      lockFile.close();
    }
  }
}
