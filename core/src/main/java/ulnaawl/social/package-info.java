/**
 * The order of dances of a social: an evening on which several groups dance together and nobody
 * sits for long.
 */
@NullMarked
package ulnaawl.social;

import org.jspecify.annotations.NullMarked;
