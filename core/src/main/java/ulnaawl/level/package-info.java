/** How demanding a dance is, measured, with reasons. */
@NullMarked
package ulnaawl.level;

import org.jspecify.annotations.NullMarked;
