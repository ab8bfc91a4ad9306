package ulnaawl.check;

import ulnaawl.dance.Dance;
import ulnaawl.level.MeasuredLevel;
import ulnaawl.wall.WallSequence;

/**
 * What checks look at.
 *
 * @param dance the compiled dance
 * @param sequence its walls with everything optional danced, at least as long as the phrasing names
 * @param level its measured level
 */
record Subject(Dance dance, WallSequence sequence, MeasuredLevel level) {}
