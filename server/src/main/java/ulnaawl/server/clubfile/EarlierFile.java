package ulnaawl.server.clubfile;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.List;
import lombok.RequiredArgsConstructor;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationVersion;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;
import ulnaawl.formats.json.Fault;
import ulnaawl.formats.json.Unreadable;
import ulnaawl.server.platform.ClubDays;
import ulnaawl.server.storage.Release;

/**
 * Brings a club's file that an earlier release wrote up to date. Its rows go into an empty database
 * beside the club's, with the tables of that release; these are changed as every installation's
 * are, and written as a file of this release.
 */
@Component
@RequiredArgsConstructor
class EarlierFile {

  /** The first release that wrote a club's file, by its tables. */
  static final int FIRST = 23;

  private static final Logger LOG = LoggerFactory.getLogger(EarlierFile.class);
  private static final String USER = "sa";

  private final ClubSchema schema;
  private final ClubDays days;
  private final ClubFileWriter writer;

  /** Whether a file with such a head is an earlier one that can be brought up to date. */
  static boolean is(Head head) {
    return head.isOurs() && head.tables() >= FIRST && head.tables() < Release.schema();
  }

  /**
   * A file as this release would have written it.
   *
   * @param head what it says of itself
   * @throws Unreadable where it is no such file at all
   */
  SoundFile bring(byte[] file, Head head) throws Unreadable {
    Path folder = folder();
    try {
      String database = "jdbc:h2:file:" + folder.resolve("earlier") + ";TRACE_LEVEL_FILE=0";
      change(database, head.tables());
      List<Fault> faults = insert(file, head.tables(), database);
      if (!faults.isEmpty()) {
        return SoundFile.not(faults);
      }
      change(database, Release.schema());
      return SoundFile.of(written(head, database));
    } catch (FlywayException no) {
      LOG.warn("A club's file of an earlier release was not brought up to date", no);
      return SoundFile.not(
          List.of(new Fault("what is in it", "it cannot be brought up to date by this release")));
    } catch (SQLException e) {
      throw new IllegalStateException("The database of an earlier file does not open", e);
    } finally {
      remove(folder);
    }
  }

  private static void change(String database, int tables) {
    Flyway.configure(EarlierFile.class.getClassLoader())
        .dataSource(database, USER, "")
        .target(MigrationVersion.fromVersion(String.valueOf(tables)))
        .load()
        .migrate();
  }

  private List<Fault> insert(byte[] file, int tables, String database)
      throws SQLException, Unreadable {
    try (Connection connection = DriverManager.getConnection(database, USER, "")) {
      ClubFileStore store = ClubFileStore.asItIs(connection);
      FirstReading heard = new FirstReading(store.lists(), schema, days, tables);
      heard.hear(file);
      if (!heard.faults().isEmpty()) {
        return heard.faults();
      }
      store.clear(); // what its tables begin with
      store.numberFrom(heard.greatest());
      connection.setAutoCommit(false);
      RowsIn rows = new RowsIn(store, "");
      try {
        rows.insert(file);
        connection.commit();
        return List.of();
      } catch (RuntimeException no) {
        LOG.debug("A club's file of an earlier release was not brought up to date", no);
        return List.of(rows.fault(no));
      }
    }
  }

  private byte[] written(Head head, String database) throws SQLException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (Connection connection = DriverManager.getConnection(database, USER, "")) {
      writer.write(ClubFileStore.beside(connection), head.made(), out);
    }
    return out.toByteArray();
  }

  private static Path folder() {
    try {
      return Files.createTempDirectory("ulna-earlier");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static void remove(Path folder) {
    try {
      FileSystemUtils.deleteRecursively(folder);
    } catch (IOException e) {
      LOG.warn("A folder beside the club's is left over: {}", folder, e);
    }
  }
}
