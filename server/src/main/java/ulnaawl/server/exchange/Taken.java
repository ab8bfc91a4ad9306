package ulnaawl.server.exchange;

import java.util.Optional;

/**
 * Something that came in.
 *
 * @param id its number in its feature
 * @param from its version before; 0 where it is new
 * @param to its version since; 0 where it has none
 */
public record Taken(long id, int from, int to) {

  /** Something new. */
  public static Taken added(long id, int version) {
    return new Taken(id, 0, version);
  }

  /**
   * Undoes it where it still has the version that came.
   *
   * @param now its version now
   * @param title by which it is named where it stays
   * @param remove removes it, as it was new
   * @param bringBack brings the version back that it had before
   * @return why it stays as it is; empty where it is undone
   */
  public Optional<String> undo(int now, String title, Runnable remove, Runnable bringBack) {
    if (now != to) {
      return Optional.of(title + " has been changed since");
    }
    (from == 0 ? remove : bringBack).run();
    return Optional.empty();
  }
}
