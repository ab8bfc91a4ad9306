package ulnaawl.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.testng.SkipException;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** A disk that fills up: writing is refused in words, reading goes on, and room ends it. */
public class FullDiskTest {

  private static final int DISK_MB = 12;
  private static final int MOST_WRITES = 400;
  private static final int KEEP_FREE = 700_000;

  private Path disk = Path.of("");

  @BeforeMethod
  public void mount() throws IOException, InterruptedException {
    disk = Files.createTempDirectory("ulna-small-disk");
    if (run("mount", "-t", "tmpfs", "-o", "size=" + DISK_MB + "m", "tmpfs", disk.toString()) != 0) {
      throw new SkipException("This machine lets no small disk be mounted (it wants root)");
    }
  }

  @AfterMethod(alwaysRun = true)
  public void unmount() throws IOException, InterruptedException {
    run("umount", "-l", disk.toString());
  }

  private static int run(String... command) throws IOException, InterruptedException {
    Process process =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    return process.waitFor(30, TimeUnit.SECONDS) ? process.exitValue() : -1;
  }

  @Test
  public void writingIsRefusedWhileReadingGoesOn() throws IOException, InterruptedException {
    Path data = disk.resolve("club");
    List<String> acknowledged = new ArrayList<>();
    try (RunningApp app =
        RunningApp.start(RunningApp.TODAY, data, true, "full.log", "--ulna.least-room=4MB")) {
      Visitor oda = Visitor.signedIn(app.address(), "Oda Marsh");
      fill(4_700_000);
      HttpResponse<String> refused = writeUntilRefused(oda, "Full", acknowledged);
      assertEquals(refused.statusCode(), 507);
      assertTrue(refused.body().contains("disk is full"), refused.body());
      assertEquals(lost(oda, acknowledged), List.of());
      assertEquals(new Visitor(app.address()).signIn("Ines Kallas").statusCode(), 200);

      makeRoom();
      assertEquals(write(oda, "Room again").statusCode(), 201);
    }
  }

  @Test
  public void aDiskThatIsFilledByOthersCostsNothingThatWasAcknowledged()
      throws IOException, InterruptedException {
    Path data = disk.resolve("club");
    List<String> acknowledged = new ArrayList<>();
    Path log = Path.of("target", "filled.log");
    try (RunningApp app =
        RunningApp.start(RunningApp.TODAY, data, true, "filled.log", "--ulna.least-room=0MB")) {
      Visitor oda = Visitor.signedIn(app.address(), "Oda Marsh");
      fill(KEEP_FREE);
      HttpResponse<String> failed = writeUntilRefused(oda, "Filled", acknowledged);
      assertTrue(failed.statusCode() >= 500, failed.body());
      for (int i = 0; i < 30; i++) {
        write(oda, "In vain " + i);
      }
      assertEquals(lost(oda, acknowledged), List.of(), "reading goes on");
      assertTrue(Files.size(log) < 80_000, "the log has " + Files.size(log) + " bytes");

      makeRoom();
      write(oda, "The first may still fail");
      acknowledged.add("Room again");
      assertEquals(write(oda, "Room again").statusCode(), 201);
      app.crash();
    }
    try (RunningApp again = RunningApp.start(RunningApp.TODAY, data, false, "filled-again.log")) {
      Visitor oda = Visitor.signedIn(again.address(), "Oda Marsh");
      assertEquals(lost(oda, acknowledged), List.of(), "after a restart");
    }
  }

  /** Fills the disk up to so many bytes. */
  private void fill(long keepFree) throws IOException {
    long free = Files.getFileStore(disk).getUsableSpace();
    Files.write(disk.resolve("others"), new byte[(int) (free - keepFree)]);
  }

  private void makeRoom() throws IOException {
    Files.delete(disk.resolve("others"));
  }

  private static HttpResponse<String> writeUntilRefused(
      Visitor visitor, String name, List<String> acknowledged) throws IOException {
    for (int i = 0; i < MOST_WRITES; i++) {
      HttpResponse<String> answer = write(visitor, name + " " + i);
      if (answer.statusCode() != 201) {
        assertTrue(acknowledged.size() > 1, "refused at once: " + answer.body());
        return answer;
      }
      acknowledged.add(name + " " + i);
    }
    throw new AssertionError("The disk did not fill up");
  }

  private static HttpResponse<String> write(Visitor visitor, String title) throws IOException {
    String text = "title: " + title + "\\nsection 1\\n1-4  vine R, touch L\\n";
    return visitor.post("/api/dances", "{\"stepText\":\"" + text + "\"}");
  }

  private static List<String> lost(Visitor visitor, List<String> acknowledged) throws IOException {
    String dances = visitor.get("/api/dances").body();
    return acknowledged.stream().filter(it -> !dances.contains("\"" + it + "\"")).toList();
  }
}
