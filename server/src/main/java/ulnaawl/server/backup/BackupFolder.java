package ulnaawl.server.backup;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Properties;
import java.util.stream.Stream;
import lombok.RequiredArgsConstructor;

/**
 * The folder of backups. Beside each lies a note of what was found in it; one without a note was
 * not finished, and does not count.
 */
@RequiredArgsConstructor
final class BackupFolder {

  private static final String BEGINNING = "ulna-awl-";
  private static final String ARCHIVE = ".zip";
  private static final String NOTE = ".txt";
  private static final String UNFINISHED = ".part";
  private static final DateTimeFormatter STAMP =
      DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss", Locale.ROOT);

  private final Path folder;

  /** Makes it, for its owner alone, and clears away what a crash has left half-made. */
  void open() throws IOException {
    Files.createDirectories(folder);
    if (Files.getFileStore(folder).supportsFileAttributeView("posix")) {
      Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
    }
    for (Path file : files()) {
      String name = file.getFileName().toString();
      boolean ours = name.startsWith(BEGINNING);
      if (ours && (name.contains(UNFINISHED) || isUnnoted(name))) {
        Files.delete(file);
      }
    }
  }

  private boolean isUnnoted(String name) throws IOException {
    return name.endsWith(ARCHIVE) && note(name).isEmpty();
  }

  /** Where a new one is written until it has been looked into. */
  Path unfinished(String name) {
    return folder.resolve(name + UNFINISHED);
  }

  /** A name that is free for one that is made at that moment. */
  String free(LocalDateTime made, Occasion occasion) {
    LocalDateTime at = made.truncatedTo(ChronoUnit.SECONDS);
    while (true) {
      String name = BEGINNING + at.format(STAMP) + "-" + word(occasion) + ARCHIVE;
      if (!Files.exists(folder.resolve(name))) {
        return name;
      }
      at = at.plusSeconds(1);
    }
  }

  private static String word(Occasion occasion) {
    return occasion.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** Takes one that was looked into: its note first, then its name. */
  void keep(Backup backup) throws IOException {
    Path note = folder.resolve(noteName(backup.file()));
    Files.writeString(note, BackupNote.text(backup));
    OnDisk.force(note);
    OnDisk.rename(unfinished(backup.file()), folder.resolve(backup.file()));
  }

  /** Those that were looked into, the newest first. */
  List<Backup> all() throws IOException {
    List<Backup> found = new ArrayList<>();
    for (Path file : files()) {
      String name = file.getFileName().toString();
      if (name.endsWith(ARCHIVE)) {
        Optional<Properties> note = note(name);
        if (note.isPresent()) {
          found.add(BackupNote.read(name, Files.size(file), note.get()));
        }
      }
    }
    found.sort(Comparator.comparing(Backup::made).reversed());
    return List.copyOf(found);
  }

  void delete(Backup backup) throws IOException {
    Files.deleteIfExists(folder.resolve(backup.file()));
    Files.deleteIfExists(folder.resolve(noteName(backup.file())));
  }

  private Optional<Properties> note(String name) throws IOException {
    Path file = folder.resolve(noteName(name));
    if (!Files.exists(file)) {
      return Optional.empty();
    }
    Properties note = new Properties();
    try (Reader in = Files.newBufferedReader(file)) {
      note.load(in);
    }
    return Optional.of(note);
  }

  private static String noteName(String archive) {
    return archive.substring(0, archive.length() - ARCHIVE.length()) + NOTE;
  }

  private List<Path> files() throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(folder)) {
      return files.filter(Files::isRegularFile).toList();
    }
  }
}
