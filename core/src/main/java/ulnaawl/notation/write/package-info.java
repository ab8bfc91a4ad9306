/** Step text out: one canonical form, which reads back to the same values. */
@NullMarked
package ulnaawl.notation.write;

import org.jspecify.annotations.NullMarked;
