/** Reading of files and sheets, apart from the threads that answer. */
@NullMarked
package ulnaawl.server.reading;

import org.jspecify.annotations.NullMarked;
