/** Tables as comma-separated values (RFC 4180), as spreadsheets write and read them. */
@NullMarked
package ulnaawl.formats.table;

import org.jspecify.annotations.NullMarked;
