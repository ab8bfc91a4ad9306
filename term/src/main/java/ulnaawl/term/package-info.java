/**
 * A term of a club: groups across, weeks down, and in between which dance is taught, gone on with
 * and danced again, and who leads. What a plan breaks or costs is said rule by rule.
 */
@NullMarked
package ulnaawl.term;

import org.jspecify.annotations.NullMarked;
