/** What one leader hands over to the next: the brief of a class, notes and questions. */
@NullMarked
package ulnaawl.server.handover;

import org.jspecify.annotations.NullMarked;
