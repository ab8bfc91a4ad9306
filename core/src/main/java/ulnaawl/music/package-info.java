/** Musical time: exact counts, tempo and songs. Uses nothing else of the product. */
@NullMarked
package ulnaawl.music;

import org.jspecify.annotations.NullMarked;
