package ulnaawl.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** A club is backed up while it is open, also where the server dies over it, and put back. */
public class BackupTest {

  private static String dance(String title) {
    return "{\"stepText\":\"title: " + title + "\\nsection 1\\n1-4  vine R, touch L\\n\"}";
  }

  private static List<Path> in(Path folder, String ending) throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(it -> it.toString().endsWith(ending)).sorted().toList();
    }
  }

  @Test
  public void aBackupIsMadeWhileOthersWriteAndPutBack() throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("ulna-backup");
    Path elsewhere = Files.createTempDirectory("ulna-stick").resolve("club.zip");
    try (RunningApp app = RunningApp.start(RunningApp.TODAY, data, true, "backup.log")) {
      Visitor oda = Visitor.signedIn(app.address(), "Oda Marsh");
      assertEquals(oda.post("/api/dances", dance("Before the backup")).statusCode(), 201);
      RunningApp.Ended asked = RunningApp.command("backup", data.toString(), elsewhere.toString());
      assertEquals(asked.status(), 0, asked.lines().toString());
      assertTrue(asked.lines().getLast().contains("25 dances"), asked.lines().toString());
      assertEquals(oda.post("/api/dances", dance("After the backup")).statusCode(), 201);

      RunningApp.Ended twice = RunningApp.command("backup", data.toString(), elsewhere.toString());
      assertEquals(twice.status(), 1, "nothing is written over: " + twice.lines());
      RunningApp.Ended open = RunningApp.command("restore", data.toString(), elsewhere.toString());
      assertEquals(open.status(), 1, "not while it is open: " + open.lines());
      app.crash();
    }
    RunningApp.Ended restored =
        RunningApp.command("restore", data.toString(), elsewhere.toString());
    assertEquals(restored.status(), 0, restored.lines().toString());
    try (RunningApp again = RunningApp.start(RunningApp.TODAY, data, false, "restored.log")) {
      String dances = Visitor.signedIn(again.address(), "Oda Marsh").get("/api/dances").body();
      assertTrue(dances.contains("Before the backup"));
      assertFalse(dances.contains("After the backup"));
    }
    assertEquals(in(data, ".mv.db").size(), 2, "what was there is kept");
  }

  @Test
  public void aServerThatDiesOverABackupLosesNeitherTheClubNorTheBackupBefore()
      throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("ulna-backup-kill");
    Path backups = data.resolve("backups");
    try (RunningApp app = RunningApp.start(RunningApp.TODAY, data, true, "backup-kill.log")) {
      Visitor oda = Visitor.signedIn(app.address(), "Oda Marsh");
      assertEquals(oda.post("/api/backups", "{}").statusCode(), 201);
      Thread more = Thread.startVirtualThread(() -> backUpUntilItIsGone(oda));
      while (in(backups, ".part").isEmpty()) {
        Thread.onSpinWait();
      }
      app.crash();
      more.join();
      assertFalse(in(backups, ".part").isEmpty(), "it died over a backup");
    }
    List<Path> finished = in(backups, ".zip").stream().filter(BackupTest::hasNote).toList();
    assertFalse(finished.isEmpty());
    for (Path backup : finished) {
      RunningApp.Ended restored = RunningApp.command("restore", data.toString(), backup.toString());
      assertEquals(restored.status(), 0, restored.lines().toString());
    }
    try (RunningApp again = RunningApp.start(RunningApp.TODAY, data, false, "backup-kill2.log")) {
      Visitor oda = Visitor.signedIn(again.address(), "Oda Marsh");
      assertEquals(oda.post("/api/backups", "{}").statusCode(), 201);
      assertTrue(in(backups, ".part").isEmpty(), "what was half-made is cleared away");
    }
  }

  private static boolean hasNote(Path backup) {
    return Files.exists(Path.of(backup.toString().replace(".zip", ".txt")));
  }

  private static void backUpUntilItIsGone(Visitor visitor) {
    while (true) {
      try {
        visitor.post("/api/backups", "{}");
      } catch (IOException gone) {
        return;
      }
    }
  }
}
