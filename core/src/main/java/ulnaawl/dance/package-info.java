/** The compiled dance: every place with its foot, weight and facing. */
@NullMarked
package ulnaawl.dance;

import org.jspecify.annotations.NullMarked;
