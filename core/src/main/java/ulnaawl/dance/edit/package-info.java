/**
 * Changing a dance by figures instead of by text: what may come next, and what becomes of the text.
 */
@NullMarked
package ulnaawl.dance.edit;

import org.jspecify.annotations.NullMarked;
