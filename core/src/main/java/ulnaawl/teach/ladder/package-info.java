/**
 * From slow to full speed: the rungs of a run-through, and where an answer of the class leads to.
 */
@NullMarked
package ulnaawl.teach.ladder;

import org.jspecify.annotations.NullMarked;
