/** Pages of paper as PDF that everybody can read: tagged, with their fonts in them. */
@NullMarked
package ulnaawl.formats.page;

import org.jspecify.annotations.NullMarked;
