/** Checks of a whole dance, one class a rule. */
@NullMarked
package ulnaawl.check;

import org.jspecify.annotations.NullMarked;
