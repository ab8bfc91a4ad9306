/** What a club brings: files of any kind it has, and bundles of them. */
@NullMarked
package ulnaawl.formats.intake;

import org.jspecify.annotations.NullMarked;
