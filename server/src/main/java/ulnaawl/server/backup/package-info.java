/**
 * Copies of a club's database: made while the server runs, looked into before they count, thrown
 * away by age, and put back.
 */
@NullMarked
package ulnaawl.server.backup;

import org.jspecify.annotations.NullMarked;
