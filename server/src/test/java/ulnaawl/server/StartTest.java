package ulnaawl.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import ulnaawl.server.platform.StartRefusal;

/** A start that would lose or mix up a club is refused in words, and nothing is written. */
public class StartTest {

  private Path club = Path.of("");

  private static ConfigurableApplicationContext start(Path data) {
    return SpringApplication.run(
        UlnaAwl.class,
        "--server.port=0",
        "--ulna.today=2026-11-24",
        "--ulna.set-up-code=evening",
        "--ulna.data=" + data);
  }

  /** A folder in which a club has lived: its first instructor is made, then the server stops. */
  @BeforeClass
  public void live() throws IOException {
    club = Files.createTempDirectory("ulna-start");
    try (ConfigurableApplicationContext app = start(club)) {
      Client first =
          new Client(
              Integer.parseInt(app.getEnvironment().getRequiredProperty("local.server.port")));
      String body = Client.json("{'name':'Ada Brook','password':'first-evening','code':'evening'}");
      assertEquals(first.post("/api/setup", body).status(), 201);
    }
  }

  private Path copy() throws IOException {
    Path folder = Files.createTempDirectory("ulna-copy");
    try (Stream<Path> files = Files.list(club)) {
      for (Path file : files.toList()) {
        Files.copy(file, folder.resolve(file.getFileName()));
      }
    }
    return folder;
  }

  private static Path database(Path folder) {
    return folder.resolve("ulna-awl.mv.db");
  }

  /** Refused with these words, and the folder is byte for byte as it was. */
  private static StartRefusal refused(Path folder, String what) throws IOException {
    List<String> before = contents(folder);
    StartRefusal refusal = expectThrows(StartRefusal.class, () -> start(folder).close());
    assertTrue(String.valueOf(refusal.getMessage()).contains(what), refusal.getMessage());
    assertFalse(refusal.remedy().isBlank());
    assertEquals(contents(folder), before);
    return refusal;
  }

  private static List<String> contents(Path folder) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(file -> !file.toString().endsWith(".lock"))
          .sorted()
          .map(file -> {
            try {
              return file.getFileName()
                  + " "
                  + ByteBuffer.wrap(Files.readAllBytes(file)).hashCode();
            } catch (IOException e) {
              throw new UncheckedIOException(e);
            }
          })
          .toList();
    }
  }

  @Test
  public void aClubIsOpenedAgain() throws IOException {
    Path folder = copy();
    try (ConfigurableApplicationContext app = start(folder)) {
      int port = Integer.parseInt(app.getEnvironment().getRequiredProperty("local.server.port"));
      assertEquals(
          Client.signedIn(port, "Ada Brook", "first-evening").get("/api/groups").status(), 200);
      if (Files.getFileStore(folder).supportsFileAttributeView("posix")) {
        assertEquals(
            PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)), "rwx------");
        for (String file : new String[] {"ulna-awl.mv.db", "club.txt"}) {
          assertEquals(
              PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve(file))),
              "rw-------");
        }
      }
      assertFalse(Files.exists(folder.resolve("ulna-awl.trace.db")));
    }
  }

  @Test
  public void aMissingOrEmptyDatabaseIsNoNewClub() throws IOException {
    Path missing = copy();
    Files.delete(database(missing));
    StartRefusal refusal = refused(missing, "is missing, although a club has lived there");
    assertTrue(refusal.remedy().contains("Nothing was written"), refusal.remedy());
    Path empty = copy();
    Files.write(database(empty), new byte[0]);
    refused(empty, "is empty");
    Files.delete(empty.resolve("club.txt"));
    refused(empty, "is empty");
  }

  @Test
  public void aDamagedDatabaseIsNotTouched() throws IOException {
    Path noise = copy();
    byte[] bytes = new byte[200_000];
    new java.util.Random(7).nextBytes(bytes);
    Files.write(database(noise), bytes);
    refused(noise, "cannot be read");

    Path text = copy();
    Files.writeString(database(text), "This was a list of songs.\n".repeat(9_000));
    refused(text, "cannot be read");
  }

  /** Zeros over any stretch of the file: it is refused, or every table can still be counted. */
  @Test
  public void aPartlyZeroedDatabaseIsNeverANewClub() throws IOException {
    long size = Files.size(database(club));
    for (int eighth = 0; eighth < 8; eighth++) {
      Path folder = copy();
      try (FileChannel file = FileChannel.open(database(folder), StandardOpenOption.WRITE)) {
        file.write(ByteBuffer.allocate((int) (size / 8)), eighth * (size / 8));
      }
      List<String> before = contents(folder);
      try (ConfigurableApplicationContext app = start(folder)) {
        int port = Integer.parseInt(app.getEnvironment().getRequiredProperty("local.server.port"));
        assertFalse(
            new Client(port).get("/api/session").body().get("needsSetup").asBoolean(),
            "zeros in eighth " + eighth + " made a new club");
      } catch (StartRefusal refused) {
        assertEquals(contents(folder), before);
      }
    }
  }

  /** Whoever keeps the club among other things finds those as they were. */
  @Test
  public void whatIsNotOursIsLeftAsItIs() throws IOException {
    Path folder = copy();
    boolean posix = Files.getFileStore(folder).supportsFileAttributeView("posix");
    if (!posix) {
      return;
    }
    Path script = Files.writeString(folder.resolve("backup.sh"), "#!/bin/sh\n");
    Files.setPosixFilePermissions(script, PosixFilePermissions.fromString("rwxr-xr-x"));
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
    start(folder).close();
    assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(script)), "rwxr-xr-x");
    assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)), "rwxr-xr-x");
    assertEquals(
        PosixFilePermissions.toString(Files.getPosixFilePermissions(database(folder))),
        "rw-------");
  }

  @Test
  public void aFolderHasOneServer() throws IOException {
    Path folder = copy();
    try (ConfigurableApplicationContext _ = start(folder)) {
      StartRefusal refusal = expectThrows(StartRefusal.class, () -> start(folder).close());
      assertTrue(
          String.valueOf(refusal.getMessage()).contains("Another server"), refusal.getMessage());
    }
    start(folder).close();
  }

  @Test
  public void aFileIsNoFolder() throws IOException {
    Path file = Files.createTempFile("ulna", ".txt");
    StartRefusal refusal = expectThrows(StartRefusal.class, () -> start(file).close());
    assertTrue(
        String.valueOf(refusal.getMessage()).contains("cannot be written"), refusal.getMessage());
  }
}
