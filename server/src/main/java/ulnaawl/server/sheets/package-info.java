/** Printed sheets: read into step text, a pile of them at once, and looked for in the club. */
@org.jspecify.annotations.NullMarked
package ulnaawl.server.sheets;
