package ulnaawl.server.people;

/** The club has its first instructor. */
public record ClubSetUp(String name) {}
