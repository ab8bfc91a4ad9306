package ulnaawl.server.wire;

/**
 * Somebody of the club, or who was of it, as they are sent.
 *
 * @param id stays theirs
 * @param name what they are called now
 */
public record ClubPerson(long id, String name) {}
