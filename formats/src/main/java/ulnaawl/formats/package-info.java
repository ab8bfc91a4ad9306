/** Dances as files for others: a printed sheet as PDF. */
@NullMarked
package ulnaawl.formats;

import org.jspecify.annotations.NullMarked;
