package ulnaawl.server.backup;

import java.time.LocalDateTime;

/**
 * A backup that was opened and counted after it was made.
 *
 * @param file the name of its file, in the folder of backups
 * @param occasion why it was made
 * @param made when, in universal time
 * @param bytes its size
 * @param counts what was found in it
 */
record Backup(String file, Occasion occasion, LocalDateTime made, long bytes, Counts counts) {

  /** How much of a club is in it. */
  record Counts(long people, long dances, long songs, long groups, long classes) {}
}
