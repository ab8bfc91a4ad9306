package ulnaawl.term.solve;

/** A group knows a dance before what is planned here. */
public record KnownBefore(long group, long dance) {}
