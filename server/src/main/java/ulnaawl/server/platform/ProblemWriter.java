package ulnaawl.server.platform;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Writes problem+json where no controller is reached. */
public final class ProblemWriter {

  private ProblemWriter() {}

  /**
   * Writes a problem.
   *
   * @param detail plain words without quotes or backslashes
   */
  public static void write(HttpServletResponse response, int status, String detail)
      throws IOException {
    response.setStatus(status);
    response.setContentType("application/problem+json");
    String body = "{\"status\":" + status + ",\"detail\":\"" + detail + "\"}";
    response.getOutputStream().write(body.getBytes(StandardCharsets.UTF_8));
  }
}
