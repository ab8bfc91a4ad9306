/**
 * A run-through: what a scope of a dance has on every tick, and what is counted and called while it
 * is danced at some rate.
 */
@NullMarked
package ulnaawl.play;

import org.jspecify.annotations.NullMarked;
