/** The list of dances: narrowed, searched, sorted and sent a page at a time. */
@NullMarked
package ulnaawl.server.listing;

import org.jspecify.annotations.NullMarked;
