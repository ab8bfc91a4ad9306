package ulnaawl.server.people;

import ulnaawl.people.PersonId;

/**
 * Somebody is to be forgotten: their row keeps its number and has lost its name. What was theirs
 * alone goes, too; announced in the transaction in which it happens.
 */
public record PersonForgotten(PersonId person) {}
