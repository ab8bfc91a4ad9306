package ulnaawl.server.platform;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.util.Objects;
import org.apache.catalina.connector.ClientAbortException;
import org.springframework.web.method.annotation.ExceptionHandlerMethodResolver;
import org.testng.annotations.Test;

/** What is a fault of ours, and what is not. */
public class ErrorsTest {

  private static String handler(Exception thrown) {
    return Objects.requireNonNull(
            new ExceptionHandlerMethodResolver(Errors.class).resolveMethod(thrown))
        .getName();
  }

  /** A browser that goes elsewhere while a page is on its way is no fault, and is not logged. */
  @Test
  public void whoLeavesInTheMiddleOfAnAnswerIsNoFault() {
    IOException gone = new IOException("Broken pipe");
    assertEquals(handler(new ClientAbortException(gone)), "left");
    assertEquals(handler(gone), "unexpected");
  }
}
