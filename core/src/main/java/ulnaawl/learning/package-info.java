/**
 * What a group has been taught, at which stage a dance stands, how well it is remembered, and when
 * it should come back; and the figures that it has met on the way. Evidence is what people said;
 * everything else here is computed from it, unless a person says otherwise.
 */
@NullMarked
package ulnaawl.learning;

import org.jspecify.annotations.NullMarked;
