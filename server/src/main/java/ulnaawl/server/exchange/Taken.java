package ulnaawl.server.exchange;

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

  boolean isNew() {
    return from == 0;
  }
}
