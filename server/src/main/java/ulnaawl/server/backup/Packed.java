package ulnaawl.server.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import ulnaawl.server.storage.DatabaseFile;

/**
 * A backup's file: a database in a zip archive, as H2 writes it.
 *
 * @param file the archive
 */
record Packed(Path file) {

  /** What cannot be put back. */
  static final class Unusable extends Exception {
    Unusable(String why, Throwable cause) {
      super(why, cause);
    }
  }

  /** Unpacks it beside {@code database}, looks into it and says what is there. */
  DatabaseFile.Contents unpackTo(Path database) throws IOException, Unusable {
    unpack(database);
    try {
      DatabaseFile.Contents contents = new DatabaseFile(database).read();
      if (!contents.isClub()) {
        throw new Unusable("The backup " + file + " has lost its tables.", new SQLException());
      }
      return contents;
    } catch (SQLException e) {
      throw new Unusable("The backup " + file + " cannot be read; it is damaged.", e);
    }
  }

  /** Looks into it and leaves nothing behind. */
  DatabaseFile.Contents read() throws IOException, Unusable {
    Path trial = file.resolveSibling(file.getFileName() + ".trial" + DatabaseFile.ENDING);
    try {
      return unpackTo(trial);
    } finally {
      Files.deleteIfExists(trial);
    }
  }

  private void unpack(Path database) throws IOException, Unusable {
    try (ZipInputStream in = new ZipInputStream(Files.newInputStream(file))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        if (entry.getName().endsWith(DatabaseFile.ENDING)) {
          Files.deleteIfExists(database);
          Files.copy(in, database);
          OnDisk.force(database);
          return;
        }
      }
    } catch (NoSuchFileException e) {
      throw new Unusable("There is no file " + file + ".", e);
    } catch (ZipException | java.io.EOFException e) {
      throw new Unusable("The backup " + file + " was cut off or is damaged.", e);
    }
    throw new Unusable(
        "The file " + file + " is no backup of a club: there is no database in it.",
        new IOException());
  }
}
