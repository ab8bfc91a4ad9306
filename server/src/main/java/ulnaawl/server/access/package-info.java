/**
 * Who may ask for what. One table has a line for every endpoint ({@code access.txt}); it is
 * enforced before any controller is reached, and a start without a line for an endpoint is refused.
 */
@NullMarked
package ulnaawl.server.access;

import org.jspecify.annotations.NullMarked;
