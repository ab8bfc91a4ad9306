/** The figure book as this club uses it: its words, its own figures, its table of levels. */
@NullMarked
package ulnaawl.server.vocabulary;

import org.jspecify.annotations.NullMarked;
