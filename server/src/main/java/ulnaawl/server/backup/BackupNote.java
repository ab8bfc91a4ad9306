package ulnaawl.server.backup;

import java.time.LocalDateTime;
import java.util.Properties;

/** The note beside a backup: a line for each thing that is known of it. */
final class BackupNote {

  private BackupNote() {}

  static String text(Backup backup) {
    Backup.Counts counts = backup.counts();
    return """
    # Opened and counted after it was made.
    made=%s
    occasion=%s
    people=%d
    dances=%d
    songs=%d
    groups=%d
    classes=%d
    """
        .formatted(
            backup.made(),
            backup.occasion(),
            counts.people(),
            counts.dances(),
            counts.songs(),
            counts.groups(),
            counts.classes());
  }

  static Backup read(String file, long bytes, Properties note) {
    return new Backup(
        file,
        Occasion.valueOf(note.getProperty("occasion")),
        LocalDateTime.parse(note.getProperty("made")),
        bytes,
        new Backup.Counts(
            number(note, "people"),
            number(note, "dances"),
            number(note, "songs"),
            number(note, "groups"),
            number(note, "classes")));
  }

  private static long number(Properties note, String key) {
    return Long.parseLong(note.getProperty(key, "0"));
  }
}
