/**
 * Which section of one version is which of the next: sections keep their key through edits, so that
 * records of long ago still read right.
 */
@NullMarked
package ulnaawl.dance.lineage;

import org.jspecify.annotations.NullMarked;
