/** Step text: what a person typed, parsed into a script that still knows where everything stood. */
@NullMarked
package ulnaawl.notation;

import org.jspecify.annotations.NullMarked;
