/**
 * Feet, weight, facing and turns, as seen from above the hall. Uses nothing else of the product.
 */
@NullMarked
package ulnaawl.floor;

import org.jspecify.annotations.NullMarked;
