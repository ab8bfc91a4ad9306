package ulnaawl.server.teaching;

/** Which teach: that of a dance for a group. */
public record TeachOf(long group, long dance) {}
