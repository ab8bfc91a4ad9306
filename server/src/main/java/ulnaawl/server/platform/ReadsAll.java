package ulnaawl.server.platform;

/**
 * Keeps things in the database, and can try whether it reads all of them. Rows that came from
 * elsewhere may have any form that the tables allow.
 */
public interface ReadsAll {

  /**
   * Reads everything once.
   *
   * @throws RuntimeException where something cannot be read
   */
  void readAll();
}
