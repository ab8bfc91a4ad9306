package ulnaawl.server.http;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import lombok.RequiredArgsConstructor;

/** A request whose body is here already. */
final class ReadRequest extends HttpServletRequestWrapper {

  private final byte[] body;

  ReadRequest(HttpServletRequest request, byte[] body) {
    super(request);
    this.body = body;
  }

  @Override
  public ServletInputStream getInputStream() {
    return new Body(new ByteArrayInputStream(body));
  }

  @Override
  public BufferedReader getReader() {
    return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
  }

  @RequiredArgsConstructor
  private static final class Body extends ServletInputStream {
    private final ByteArrayInputStream bytes;

    @Override
    public int read() {
      return bytes.read();
    }

    @Override
    public int read(byte[] into, int from, int most) {
      return bytes.read(into, from, most);
    }

    @Override
    public boolean isFinished() {
      return bytes.available() == 0;
    }

    @Override
    public boolean isReady() {
      return true;
    }

    @Override
    public void setReadListener(ReadListener listener) {
      throw new UnsupportedOperationException("All of it is here already");
    }
  }
}
