package ulnaawl.server.vocabulary;

/** The club's choice among the names of a figure, and who made it. */
record ClubWord(String figure, String word, String chosenBy) {}
