package ulnaawl.notation.read;

/**
 * A meaning at its place.
 *
 * @param from offset in the line
 * @param to offset in the line, after it
 */
record Mark(Meaning meaning, int from, int to) {}
