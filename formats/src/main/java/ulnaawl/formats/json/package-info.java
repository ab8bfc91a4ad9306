/**
 * JSON from outside (RFC 8259), read with limits and held against a schema (JSON Schema 2020-12).
 */
@NullMarked
package ulnaawl.formats.json;

import org.jspecify.annotations.NullMarked;
