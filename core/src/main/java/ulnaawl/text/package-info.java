/** Places in a text and what is to be said about them. Uses nothing else of the product. */
@NullMarked
package ulnaawl.text;

import org.jspecify.annotations.NullMarked;
