package ulnaawl.server.history;

/**
 * A version to bring back.
 *
 * @param version the one that whoever asks knows to be the newest
 * @param to the one to bring back
 */
public record BringBack(int version, int to) {}
