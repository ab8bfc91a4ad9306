package ulnaawl.server.exchange;

import java.util.List;
import java.util.Optional;
import ulnaawl.server.access.SignedIn;

/**
 * Something that a file holds, and what would become of it.
 *
 * @param part the number of its file, from 0
 * @param line where it stands in it, from 1; 0 for the whole file
 * @param note what one should know before it is taken, or why it cannot be
 * @param lines what is not sure of it, line by line
 * @param isWise whether it is taken unless somebody says otherwise
 * @param take takes it; empty where there is nothing to take
 */
public record Found(
    int part,
    int line,
    String title,
    State state,
    String note,
    List<String> lines,
    boolean isWise,
    Optional<Take> take) {

  public Found {
    lines = List.copyOf(lines);
  }

  /** How it stands to what the club has. */
  public enum State {
    NEW,
    /** The club has it, and it would be changed. */
    CHANGED,
    /** The club has just this. */
    SAME,
    /** The club has it and says otherwise; it stays as it is unless one chooses the file's. */
    CONFLICT,
    /** It cannot be read, or names what there is not. */
    UNREADABLE
  }

  /** Takes it in. */
  public interface Take {
    Taken by(SignedIn me);
  }

  /** Where something stands in the files. */
  public record Where(int part, int line) {

    public Found fresh(String title, String note, Take take) {
      return new Found(part, line, title, State.NEW, note, List.of(), true, Optional.of(take));
    }

    public Found same(String title, String note) {
      return new Found(part, line, title, State.SAME, note, List.of(), false, Optional.empty());
    }

    /** Something that the club has otherwise, and that cannot take its place. */
    public Found conflict(String title, String note) {
      return new Found(part, line, title, State.CONFLICT, note, List.of(), false, Optional.empty());
    }

    /** Something that the club has otherwise; it can take its place. */
    public Found conflict(String title, String note, Take take) {
      return new Found(
          part, line, title, State.CONFLICT, note, List.of(), false, Optional.of(take));
    }

    public Found unreadable(String title, String why) {
      return new Found(
          part, line, title, State.UNREADABLE, why, List.of(), false, Optional.empty());
    }
  }
}
