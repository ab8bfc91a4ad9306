/**
 * Step text in: lines, headers, counts and items become values, and what cannot be read a finding
 * with its place. Nothing is guessed where feet or facing would differ.
 */
@NullMarked
package ulnaawl.notation.read;

import org.jspecify.annotations.NullMarked;
