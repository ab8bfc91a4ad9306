package ulnaawl.server.dances;

/** By what one sees whether a dance was changed: its newest version, and whether it is in sight. */
record DanceState(DanceVersion at, boolean archived) {}
