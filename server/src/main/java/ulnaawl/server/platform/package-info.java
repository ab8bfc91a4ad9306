/** What every feature stands on: security, errors, the change log, web set-up. */
@NullMarked
package ulnaawl.server.platform;

import org.jspecify.annotations.NullMarked;
