package ulnaawl.server.dances;

/** A dance as its text stood: what happened with it points here. */
public record DanceVersion(long dance, int version) {}
