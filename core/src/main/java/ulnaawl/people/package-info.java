/** People of the club, by number; what they are called is asked where it is said. */
@NullMarked
package ulnaawl.people;

import org.jspecify.annotations.NullMarked;
