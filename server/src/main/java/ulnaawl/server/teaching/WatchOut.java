package ulnaawl.server.teaching;

/** A section that trips people up, with a note for colleagues. */
public record WatchOut(int section, String note, String by) {}
