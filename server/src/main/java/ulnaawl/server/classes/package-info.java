/** The coming classes, their running orders, and the record of what was danced. */
@NullMarked
package ulnaawl.server.classes;

import org.jspecify.annotations.NullMarked;
