package ulnaawl.server.platform;

/**
 * Somebody changed something; announced inside the server and written to the change log.
 *
 * @param by who
 * @param what what was done: "changed the dance"
 * @param subject to what: its title or name
 */
public record Change(String by, String what, String subject) {}
