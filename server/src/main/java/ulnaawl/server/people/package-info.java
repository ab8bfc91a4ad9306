/** The club's people: who may do what, how they come and go, and their passwords. */
@NullMarked
package ulnaawl.server.people;

import org.jspecify.annotations.NullMarked;
