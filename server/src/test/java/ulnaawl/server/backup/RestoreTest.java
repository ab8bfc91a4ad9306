package ulnaawl.server.backup;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.util.Objects;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import ulnaawl.server.UlnaAwl;

/** What can be put back is; what cannot changes nothing. */
public class RestoreTest {

  private static final LocalDateTime NOW = LocalDateTime.parse("2026-11-26T19:00:00");
  private static final String DATABASE = "ulna-awl.mv.db";

  private byte[] earlier = {};

  /** The demo club as an early release wrote it. */
  @BeforeClass
  public void read() throws IOException {
    String name = "/releases/before-versions.mv.db.gz";
    try (InputStream packed =
        Objects.requireNonNull(RestoreTest.class.getResourceAsStream(name), name)) {
      earlier = new GZIPInputStream(packed).readAllBytes();
    }
  }

  private static Path zip(String entry, byte[] bytes) throws IOException {
    Path file = Files.createTempFile("ulna-backup", ".zip");
    try (ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(file))) {
      out.putNextEntry(new ZipEntry(entry));
      out.write(bytes);
      out.closeEntry();
    }
    return file;
  }

  private static Path club() throws IOException {
    Path folder = Files.createTempDirectory("ulna-restore");
    Files.writeString(folder.resolve(DATABASE), "what was there, damaged as it is");
    return folder;
  }

  @Test
  public void aBackupOfAnEarlierReleaseIsBroughtUpToDateAndWhatWasThereIsKept() throws Exception {
    Path folder = club();
    String said = RestoreCommand.restore(folder, zip(DATABASE, earlier), NOW);
    assertTrue(said.contains("24 dances") && said.contains("3 groups"), said);
    assertEquals(
        Files.readString(folder.resolve("before-restore-2026-11-26-190000.mv.db")),
        "what was there, damaged as it is");

    try (ConfigurableApplicationContext app =
        SpringApplication.run(UlnaAwl.class, "--server.port=0", "--ulna.data=" + folder)) {
      Backup before = app.getBean(Backups.class).all().getFirst();
      assertEquals(before.occasion(), Occasion.BEFORE_UPGRADE);
      assertEquals(before.counts().dances(), 24);
      Backup asked = app.getBean(Backups.class).make(Occasion.ASKED);
      assertEquals(asked.counts().classes(), before.counts().classes());
    }
    try (Stream<Path> left = Files.list(folder.resolve("backups"))) {
      assertEquals(left.count(), 4, "two archives, two notes, nothing half-made");
    }
  }

  @Test
  public void whatIsNoBackupChangesNothing() throws IOException {
    Path good = zip(DATABASE, earlier);
    byte[] whole = Files.readAllBytes(good);
    Path cut = Files.createTempFile("ulna-cut", ".zip");
    Files.write(cut, java.util.Arrays.copyOf(whole, whole.length / 2));
    refused(cut, "cut off or is damaged");
    refused(zip("holiday.txt", "sand".getBytes(StandardCharsets.UTF_8)), "no backup of a club");
    Path text = Files.createTempFile("ulna-text", ".zip");
    Files.writeString(text, "a list of songs");
    refused(text, "no backup of a club");
    refused(Path.of("/nowhere/at-all.zip"), "There is no file");
    byte[] noise = new byte[100_000];
    new java.util.Random(3).nextBytes(noise);
    refused(zip(DATABASE, noise), "cannot be read");
  }

  @Test
  public void aBackupOfANewerReleaseIsRefused() throws Exception {
    Path folder = Files.createTempDirectory("ulna-newer");
    Path database = folder.resolve(DATABASE);
    Files.write(database, earlier);
    mark(database, 999);
    refused(zip(DATABASE, Files.readAllBytes(database)), "newer release");
  }

  private static void mark(Path database, int schema) throws SQLException {
    String name = database.toString().replace(".mv.db", "");
    try (Connection connection = DriverManager.getConnection("jdbc:h2:file:" + name, "sa", "")) {
      connection
          .createStatement()
          .execute(
              "update \"flyway_schema_history\" set \"version\" = '"
                  + schema
                  + "' where \"installed_rank\" = 1");
    }
  }

  private static void refused(Path backup, String why) throws IOException {
    Path folder = club();
    Packed.Unusable refusal =
        expectThrows(Packed.Unusable.class, () -> RestoreCommand.restore(folder, backup, NOW));
    assertTrue(String.valueOf(refusal.getMessage()).contains(why), refusal.getMessage());
    assertEquals(Files.readString(folder.resolve(DATABASE)), "what was there, damaged as it is");
    try (Stream<Path> files = Files.list(folder)) {
      assertFalse(
          files.anyMatch(it -> it.getFileName().toString().contains("restore")),
          "nothing is left over");
    }
  }
}
