package ulnaawl.server.clubfile;

import java.util.List;
import ulnaawl.formats.json.Fault;

/** A club's file that this release can read, or why there is none. */
final class SoundFile {

  private final byte[] bytes;
  private final List<Fault> faults;

  private SoundFile(byte[] bytes, List<Fault> faults) {
    this.bytes = bytes;
    this.faults = List.copyOf(faults);
  }

  static SoundFile of(byte[] bytes) {
    return new SoundFile(bytes, List.of());
  }

  static SoundFile not(List<Fault> faults) {
    return new SoundFile(new byte[0], faults);
  }

  /** As it is read; not to be changed; empty where there are faults. */
  byte[] bytes() {
    return bytes;
  }

  /** Why there is none; nothing where there is one. */
  List<Fault> faults() {
    return faults;
  }
}
