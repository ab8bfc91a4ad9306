package ulnaawl.server.backup;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import ulnaawl.server.platform.StartRefusal;

/** What can be done with a club's folder from the command line. */
public enum FolderCommand {
  /** The folder, then the file to write, if it is not to lie with the others. */
  BACKUP("backup", 1, 2) {
    @Override
    String done(List<String> words) throws IOException, InterruptedException, Backups.Failed {
      String to =
          words.size() > 1 ? Path.of(words.get(1)).toAbsolutePath().normalize().toString() : "";
      return BackupCommand.run(Path.of(words.getFirst()), to);
    }
  },
  /** The folder, then the backup's file. */
  RESTORE("restore", 2, 2) {
    @Override
    String done(List<String> words) throws IOException, Packed.Unusable {
      return RestoreCommand.restore(
          Path.of(words.getFirst()), Path.of(words.get(1)), LocalDateTime.now(ZoneOffset.UTC));
    }
  };

  private final String word;
  private final int least;
  private final int most;

  FolderCommand(String word, int least, int most) {
    this.word = word;
    this.least = least;
    this.most = most;
  }

  /** The command of that name. */
  public static Optional<FolderCommand> named(String word) {
    return Stream.of(values()).filter(it -> it.word.equals(word)).findFirst();
  }

  abstract String done(List<String> words)
      throws IOException, InterruptedException, Backups.Failed, Packed.Unusable;

  /**
   * Does it and says how it went.
   *
   * @return the status to exit with: 0 where it was done
   */
  public int run(List<String> words) {
    if (words.size() < least || words.size() > most) {
      return failed(word + " wants the club's folder and a file.");
    }
    try {
      System.out.println(done(words));
      return 0;
    } catch (StartRefusal e) {
      return failed(e.getMessage() + "\n" + e.remedy());
    } catch (Packed.Unusable e) {
      return failed(e.getMessage() + "\nNothing was changed. Take another backup.");
    } catch (Backups.Failed e) {
      return failed(String.valueOf(e.getMessage()));
    } catch (IOException | InterruptedException e) {
      return failed("It could not be done: " + e.getMessage());
    }
  }

  private static int failed(String why) {
    System.err.println("ulna: " + why);
    return 1;
  }
}
