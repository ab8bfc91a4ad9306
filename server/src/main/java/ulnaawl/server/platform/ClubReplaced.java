package ulnaawl.server.platform;

/**
 * Everything that the club has is another club's from now on; announced in the transaction in which
 * it happens, to whoever remembers anything beyond a change.
 */
public record ClubReplaced() {}
