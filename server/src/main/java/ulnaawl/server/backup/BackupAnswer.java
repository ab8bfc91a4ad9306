package ulnaawl.server.backup;

import java.nio.file.Path;

/**
 * How a backup that somebody asked for went.
 *
 * @param done whether it was made
 * @param words what to say about it
 */
record BackupAnswer(boolean done, String words) {

  private static final String DONE = "done ";
  private static final String FAILED = "failed ";

  /**
   * Makes a backup.
   *
   * @param to the file to write; empty for the folder of backups
   */
  static BackupAnswer to(Backups backups, String to) {
    try {
      if (to.isEmpty()) {
        Backup made = backups.make(Occasion.ASKED);
        return new BackupAnswer(
            true,
            "Backup " + made.file() + " was made, opened and counted: " + words(made.counts()));
      }
      Backup.Counts counts = backups.makeTo(Path.of(to));
      return new BackupAnswer(
          true, "Backup " + to + " was made, opened and counted: " + words(counts));
    } catch (Backups.Failed e) {
      return new BackupAnswer(false, String.valueOf(e.getMessage()));
    }
  }

  static String words(Backup.Counts counts) {
    return counts.people()
        + " people, "
        + counts.dances()
        + " dances, "
        + counts.songs()
        + " songs, "
        + counts.groups()
        + " groups, "
        + counts.classes()
        + " classes.";
  }

  /** As it is handed over. */
  String text() {
    return (done ? DONE : FAILED) + words;
  }

  static BackupAnswer read(String text) {
    boolean done = text.startsWith(DONE);
    return new BackupAnswer(done, text.substring((done ? DONE : FAILED).length()).strip());
  }
}
