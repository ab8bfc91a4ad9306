package ulnaawl.server.exchange;

import java.util.List;
import java.util.Optional;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.history.Difference;

/**
 * Something that a file holds, and what would become of it.
 *
 * @param part the number of its file, from 0
 * @param line where it stands in it, from 1; 0 for the whole file
 * @param note what one should know before it is taken, or why it cannot be
 * @param doubts what is not sure of it, line by line
 * @param differences where it differs from what the club has
 * @param isWise whether it is taken unless somebody says otherwise
 * @param take takes it; empty where there is nothing to take
 */
public record Found(
    int part,
    int line,
    String title,
    State state,
    String note,
    List<String> doubts,
    List<Difference> differences,
    boolean isWise,
    Optional<Take> take) {

  public Found {
    doubts = List.copyOf(doubts);
    differences = List.copyOf(differences);
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
      return plain(title, State.NEW, note, true, Optional.of(take));
    }

    /** Something new that one should know about before one takes it. */
    public Found doubtful(String title, String note, Take take) {
      return plain(title, State.NEW, note, false, Optional.of(take));
    }

    /** Something that the club has and that gains by it. */
    public Found changed(String title, String note, Take take) {
      return plain(title, State.CHANGED, note, true, Optional.of(take));
    }

    public Found same(String title, String note) {
      return plain(title, State.SAME, note, false, Optional.empty());
    }

    /** Something that the club has otherwise, and that cannot take its place. */
    public Found conflict(String title, String note) {
      return plain(title, State.CONFLICT, note, false, Optional.empty());
    }

    /** Something that the club has otherwise; it can take its place. */
    public Found conflict(String title, String note, Take take) {
      return plain(title, State.CONFLICT, note, false, Optional.of(take));
    }

    public Found unreadable(String title, String why) {
      return plain(title, State.UNREADABLE, why, false, Optional.empty());
    }

    private Found plain(
        String title, State state, String note, boolean isWise, Optional<Take> take) {
      return new Found(part, line, title, state, note, List.of(), List.of(), isWise, take);
    }
  }
}
