package ulnaawl.term.solve;

/** A group knows a dance before what is planned here. */
record KnownBefore(long group, long dance) {}
