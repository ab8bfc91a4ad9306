package ulnaawl.formats.json;

/**
 * Something in a file that cannot be taken.
 *
 * @param place where, as "dances, row 3, title"
 * @param what what is wrong there
 */
public record Fault(String place, String what) {}
