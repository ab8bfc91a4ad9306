/** The running order of a class, with times and reasons. */
@NullMarked
package ulnaawl.plan;

import org.jspecify.annotations.NullMarked;
