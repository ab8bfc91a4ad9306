package ulnaawl.server.platform;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.stereotype.Component;

/**
 * Whether the disk has room for what is to be written. Writing is refused while some is left,
 * because a database that meets the end of the disk in the middle of a write has to be opened anew.
 */
@Component
public class RoomOnDisk {

  private final Path folder;
  private final long leastBytes;

  /** Room where a club with these settings lives. */
  public RoomOnDisk(UlnaSettings settings) {
    this.folder = Path.of(settings.data());
    this.leastBytes = settings.leastRoom().toBytes();
  }

  /** Whether anything may be written. */
  public boolean isLeft() {
    return freeBytes() >= leastBytes;
  }

  /** Bytes that this program may still write where the club lives. */
  public long freeBytes() {
    try {
      return Files.getFileStore(folder).getUsableSpace();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
