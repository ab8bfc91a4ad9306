package ulnaawl.teach.lesson;

/**
 * How often a piece is danced in a way.
 *
 * @param mode how
 * @param percent at which pace; 100 in words
 * @param turns in thousandths of a turn: half a section in a join counts for less than one
 */
public record Exposure(Mode mode, int percent, int turns) {}
