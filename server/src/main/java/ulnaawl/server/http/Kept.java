package ulnaawl.server.http;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.Base64;
import java.util.zip.GZIPOutputStream;

/** An answer's bytes, plain and packed with gzip; each form has a tag of its own. */
final class Kept {

  private static final int TAG_BYTES = 12;
  private static final int LEAST_PACKED = 1_000;

  private final byte[] plain;
  private final byte[] packed;
  private final String digest;

  Kept(byte[] plain) throws IOException {
    this.plain = plain.clone();
    this.packed = pack(plain);
    this.digest = digest(plain);
  }

  /** Bytes of both forms. */
  int weight() {
    return plain.length + packed.length;
  }

  /** Whether there is a packed form: for what is large enough. */
  boolean isPacked() {
    return packed.length > 0;
  }

  void writeTo(OutputStream out, boolean asPacked) throws IOException {
    out.write(asPacked ? packed : plain);
  }

  int length(boolean asPacked) {
    return (asPacked ? packed : plain).length;
  }

  /** The strong tag of a form (RFC 9110, 8.8.3): other bytes, another tag. */
  String tag(boolean asPacked) {
    return '"' + digest + (asPacked ? "-z" : "") + '"';
  }

  private static byte[] pack(byte[] plain) throws IOException {
    if (plain.length < LEAST_PACKED) {
      return new byte[0];
    }
    ByteArrayOutputStream packed = new ByteArrayOutputStream(plain.length / 4);
    try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
      out.write(plain);
    }
    return packed.toByteArray();
  }

  private static String digest(byte[] bytes) {
    try {
      byte[] whole = MessageDigest.getInstance("SHA-256").digest(bytes);
      return Base64.getUrlEncoder()
          .withoutPadding()
          .encodeToString(Arrays.copyOf(whole, TAG_BYTES));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("Every Java has SHA-256", e);
    }
  }
}
