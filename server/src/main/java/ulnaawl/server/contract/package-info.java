/** What the contract says besides its shapes: what can go wrong with each call, and examples. */
@NullMarked
package ulnaawl.server.contract;

import org.jspecify.annotations.NullMarked;
