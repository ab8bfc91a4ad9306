/**
 * The one shape that each thing has in the contract: reasons, walls, places, events, songs; and the
 * one form of the core's small values: facings, turns, feet, tempos, sets of sections.
 */
@NullMarked
package ulnaawl.server.wire;

import org.jspecify.annotations.NullMarked;
