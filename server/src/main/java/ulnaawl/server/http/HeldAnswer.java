package ulnaawl.server.http;

import jakarta.servlet.ServletOutputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.PrintWriter;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * An answer that is held back where its question is one to be kept, which is known before its first
 * byte; else it is written straight through.
 */
final class HeldAnswer extends ContentCachingResponseWrapper {

  private final HttpServletRequest request;

  HeldAnswer(HttpServletRequest request, HttpServletResponse response) {
    super(response);
    this.request = request;
  }

  private boolean isHeld() {
    return KeptAnswers.of(request).isPresent();
  }

  @Override
  public ServletOutputStream getOutputStream() throws IOException {
    return isHeld() ? super.getOutputStream() : getResponse().getOutputStream();
  }

  @Override
  public PrintWriter getWriter() throws IOException {
    return isHeld() ? super.getWriter() : getResponse().getWriter();
  }

  @Override
  public void flushBuffer() throws IOException {
    if (isHeld()) {
      super.flushBuffer();
    } else {
      getResponse().flushBuffer();
    }
  }

  @Override
  public void setContentLength(int length) {
    if (isHeld()) {
      super.setContentLength(length);
    } else {
      getResponse().setContentLength(length);
    }
  }

  @Override
  public void setContentLengthLong(long length) {
    if (isHeld()) {
      super.setContentLengthLong(length);
    } else {
      getResponse().setContentLengthLong(length);
    }
  }
}
