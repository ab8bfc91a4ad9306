/**
 * The best order of blocks for a class: which dances, in which order, to the minute, under hard
 * rules, for the most points. It knows nothing of dances but their minutes, points, style, speed
 * and effort.
 */
@NullMarked
package ulnaawl.plan.solve;

import org.jspecify.annotations.NullMarked;
