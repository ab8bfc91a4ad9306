/**
 * The step vocabulary of the trade, read from data: figures, their synonyms and elementary steps.
 */
@NullMarked
package ulnaawl.figure;

import org.jspecify.annotations.NullMarked;
