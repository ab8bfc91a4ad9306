/**
 * What is called while the class dances, and when: calls with their syllables against the time
 * there is.
 */
@NullMarked
package ulnaawl.teach.cue;

import org.jspecify.annotations.NullMarked;
