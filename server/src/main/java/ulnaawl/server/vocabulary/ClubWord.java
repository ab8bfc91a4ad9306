package ulnaawl.server.vocabulary;

import ulnaawl.people.PersonId;

/** The club's choice among the names of a figure, and who made it. */
record ClubWord(String figure, String word, PersonId chosenBy) {}
