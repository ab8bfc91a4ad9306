/** The product as people use it: the packed server in a process of its own, and real browsers. */
@NullMarked
package ulnaawl.e2e;

import org.jspecify.annotations.NullMarked;
