/**
 * A small band that plays for a run-through: which bars it plays, and how each instrument sounds.
 */
@NullMarked
package ulnaawl.play.band;

import org.jspecify.annotations.NullMarked;
