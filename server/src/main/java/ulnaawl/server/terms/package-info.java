/**
 * Terms: what each group gets before the term ends, planned, changed, and held against what
 * happened.
 */
@NullMarked
package ulnaawl.server.terms;

import org.jspecify.annotations.NullMarked;
