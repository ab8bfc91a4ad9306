package ulnaawl.server.people;

/** The club has its first owner. */
public record ClubSetUp(String name) {}
