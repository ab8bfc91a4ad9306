package ulnaawl.server.people;

/**
 * Whoever is signed in as this person is not any more: they left, or chose another password.
 * Announced in the transaction in which it happens.
 */
public record AccessEnded(long id) {}
