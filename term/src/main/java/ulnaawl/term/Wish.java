package ulnaawl.term;

/**
 * People of a group ask for a dance.
 *
 * @param times how many asked, 1 or more
 */
public record Wish(long group, long dance, int times) {}
