/** Where the class is when somebody got lost, and whether what a sheet says of facings is so. */
@NullMarked
package ulnaawl.wall.where;

import org.jspecify.annotations.NullMarked;
