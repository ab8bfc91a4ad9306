/** A term in words. */
@NullMarked
package ulnaawl.term.words;

import org.jspecify.annotations.NullMarked;
