/** Writes dances as sheets in full sentences. */
@org.jspecify.annotations.NullMarked
package ulnaawl.sheet.prose;
