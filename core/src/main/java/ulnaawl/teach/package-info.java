/** The teach: drills with minutes, and the tempo ladder. */
@NullMarked
package ulnaawl.teach;

import org.jspecify.annotations.NullMarked;
