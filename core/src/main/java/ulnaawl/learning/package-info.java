/**
 * What a group has been taught, at which stage a dance stands, and when it should come back.
 * Evidence is what people said; everything else here is computed from it.
 */
@NullMarked
package ulnaawl.learning;

import org.jspecify.annotations.NullMarked;
