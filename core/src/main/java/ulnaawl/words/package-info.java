/**
 * Says in sentences what the other packages found: the only place with sentences, plurals and
 * dates. Each family of reasons has an interface; a second language is one more class for each.
 */
@NullMarked
package ulnaawl.words;

import org.jspecify.annotations.NullMarked;
