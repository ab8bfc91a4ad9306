/** The plan of a term as a problem of Timefold Solver, and its solution as a plan. */
@NullMarked
package ulnaawl.term.solve;

import org.jspecify.annotations.NullMarked;
