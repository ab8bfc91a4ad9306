package ulnaawl.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;

/** A start that cannot be says so in two plain lines, and ends with a status of its own. */
public class RefusedStartTest {

  private static List<String> refused(Path data, int port)
      throws IOException, InterruptedException {
    RunningApp.Ended ended = RunningApp.failToStart(data, port);
    assertFalse(ended.status() == 0, "status");
    assertTrue(ended.lines().size() <= 3, String.join("\n", ended.lines()));
    assertTrue(ended.lines().getFirst().startsWith("ulna: "), String.join("\n", ended.lines()));
    return ended.lines();
  }

  @Test
  public void aDamagedDatabase() throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("ulna-damaged");
    Files.writeString(data.resolve("ulna-awl.mv.db"), "no database ".repeat(10_000));
    List<String> lines = refused(data, 0);
    assertTrue(lines.getFirst().contains("cannot be read"), lines.toString());
    assertTrue(lines.get(1).startsWith("Nothing was written to it."), lines.toString());
  }

  @Test
  public void aFolderThatIsNone() throws IOException, InterruptedException {
    Path file = Files.createTempFile("ulna", ".txt");
    assertTrue(refused(file, 0).getFirst().contains("cannot be written"));
  }

  @Test
  public void aSecondServerAndATakenPort() throws IOException, InterruptedException {
    Path data = Files.createTempDirectory("ulna-two");
    try (RunningApp _ = RunningApp.start(RunningApp.TODAY, data, true, "first.log")) {
      assertTrue(refused(data, 0).getFirst().contains("Another server has the club"));
    }
    try (ServerSocket taken = new ServerSocket(0)) {
      Path free = Files.createTempDirectory("ulna-port");
      List<String> lines = refused(free, taken.getLocalPort());
      assertEquals(
          lines.getFirst(), "ulna: Port " + taken.getLocalPort() + " is taken by another program.");
    }
  }
}
