package ulnaawl.bench;

import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/**
 * Asks one question again and again on one connection, with as little work of its own as can be.
 */
final class RawClient implements AutoCloseable {

  private final Socket socket;
  private final BufferedInputStream in;
  private final byte[] question;

  RawClient(int port, String path, String cookies, String encoding) throws IOException {
    socket = new Socket(InetAddress.getLoopbackAddress(), port);
    socket.setTcpNoDelay(true);
    in = new BufferedInputStream(socket.getInputStream(), 64 * 1024);
    String accepts = encoding.isEmpty() ? "" : "Accept-Encoding: " + encoding + "\r\n";
    question =
        ("GET "
                + path
                + " HTTP/1.1\r\nHost: 127.0.0.1\r\n"
                + accepts
                + "Cookie: "
                + cookies
                + "\r\n\r\n")
            .getBytes(StandardCharsets.ISO_8859_1);
  }

  /** Asks once and reads the answer to its end. */
  void ask() throws IOException {
    socket.getOutputStream().write(question);
    String status = line();
    if (!status.contains(" 200")) {
      throw new IOException(status);
    }
    long length = 0;
    boolean chunked = false;
    for (String header = line(); !header.isEmpty(); header = line()) {
      String small = header.toLowerCase(Locale.ROOT);
      if (small.startsWith("content-length:")) {
        length = Long.parseLong(small.substring("content-length:".length()).strip());
      }
      chunked |= small.startsWith("transfer-encoding: chunked");
    }
    if (chunked) {
      for (long chunk = chunk(); chunk > 0; chunk = chunk()) {
        in.skipNBytes(chunk + 2);
      }
      in.skipNBytes(2);
    } else {
      in.skipNBytes(length);
    }
  }

  private long chunk() throws IOException {
    return Long.parseLong(line(), 16);
  }

  private String line() throws IOException {
    StringBuilder line = new StringBuilder();
    for (int sign = in.read(); sign != '\n'; sign = in.read()) {
      if (sign < 0) {
        throw new EOFException();
      }
      if (sign != '\r') {
        line.append((char) sign);
      }
    }
    return line.toString();
  }

  @Override
  public void close() throws IOException {
    socket.close();
  }
}
