/**
 * From what is written to what is danced: feet, weight, turns and counts of each place, with a
 * remark wherever the text does not add up. Only this package changes what stands in the model.
 */
@NullMarked
package ulnaawl.dance.compile;

import org.jspecify.annotations.NullMarked;
