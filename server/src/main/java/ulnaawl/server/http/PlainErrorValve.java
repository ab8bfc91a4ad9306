package ulnaawl.server.http;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;

/** What the container refuses by itself is said as everything else is, without its insides. */
public class PlainErrorValve extends ErrorReportValve {

  private static final int FIRST_ERROR = 400;

  @Override
  protected void report(Request request, Response response, @Nullable Throwable thrown) {
    int status = response.getStatus();
    boolean said = response.getContentWritten() > 0 || !response.setErrorReported();
    if (status < FIRST_ERROR || said) {
      return;
    }
    try {
      response.setContentType("application/problem+json");
      response.getOutputStream().write(LastErrors.json(status).getBytes(StandardCharsets.UTF_8));
      response.finishResponse();
    } catch (IOException gone) {
      // Whoever asked is not there any more.
    }
  }
}
