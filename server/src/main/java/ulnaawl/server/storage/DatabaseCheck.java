package ulnaawl.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import lombok.RequiredArgsConstructor;
import ulnaawl.server.platform.StartRefusal;

/**
 * Looks at a club's database before anything may write to it. What is missing, empty, damaged,
 * without its tables or of a newer release is no reason to begin a new club where one has lived.
 */
@RequiredArgsConstructor
final class DatabaseCheck {

  /** A database that was only just begun is smaller than this. */
  private static final long BEGUN_BYTES = 64 * 1024;

  private final ClubFolder club;

  /**
   * Passes where there is a club that can be read, or none at all.
   *
   * @throws StartRefusal where there was one
   */
  void run() {
    Path file = club.database();
    if (!Files.exists(file)) {
      if (club.isMarked()) {
        throw refusal("is missing, although a club has lived there");
      }
      return;
    }
    long bytes = size(file);
    if (bytes == 0) {
      throw refusal("is empty");
    }
    DatabaseFile.Contents found = read(file);
    boolean justBegun = found.rows().isEmpty() && !club.isMarked() && bytes < BEGUN_BYTES;
    if (!found.isClub() && !justBegun) {
      throw refusal("has lost its tables");
    }
    if (found.schema() > Release.schema()) {
      throw new StartRefusal(
          "The club's database " + file + " was written by a newer release than this one.",
          "Nothing was written to it. Start it with that release again; a backup that this one made"
              + " can be put back with ./ulna restore FILE.");
    }
  }

  private DatabaseFile.Contents read(Path file) {
    try {
      return new DatabaseFile(file).read();
    } catch (SQLException e) {
      throw refusal("cannot be read; it is damaged, or no database of ours");
    }
  }

  private static long size(Path file) {
    try {
      return Files.size(file);
    } catch (IOException e) {
      return 0;
    }
  }

  private StartRefusal refusal(String how) {
    return new StartRefusal(
        "The club's database " + club.database() + " " + how + ".",
        "Nothing was written to it. Put a backup into its place with ./ulna restore FILE (they lie"
            + " in "
            + club.backups()
            + "); to begin a new club, give another folder with --data.");
  }
}
