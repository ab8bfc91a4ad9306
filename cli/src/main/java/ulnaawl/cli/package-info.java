/** The command line: a report on a dance file, without a server. */
@NullMarked
package ulnaawl.cli;

import org.jspecify.annotations.NullMarked;
