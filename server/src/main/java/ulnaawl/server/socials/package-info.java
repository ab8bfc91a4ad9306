/**
 * Socials: who comes, in which order what is played, how it goes on the evening, and what of it
 * goes into the record.
 */
@NullMarked
package ulnaawl.server.socials;

import org.jspecify.annotations.NullMarked;
