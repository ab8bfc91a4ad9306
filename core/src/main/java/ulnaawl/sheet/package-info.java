/** Printed sheets: what was understood of one, line by line, and what is in doubt. */
@org.jspecify.annotations.NullMarked
package ulnaawl.sheet;
