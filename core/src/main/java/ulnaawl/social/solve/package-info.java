/** Finds the best order of a social, or says by how much a better one could differ at most. */
@NullMarked
package ulnaawl.social.solve;

import org.jspecify.annotations.NullMarked;
