/**
 * How good the best of something can be at most, for searches that say how far they are from it.
 */
@NullMarked
package ulnaawl.bound;

import org.jspecify.annotations.NullMarked;
