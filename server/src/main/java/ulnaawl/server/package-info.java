/** The server: one package a feature, and the platform that they stand on. */
@NullMarked
package ulnaawl.server;

import org.jspecify.annotations.NullMarked;
