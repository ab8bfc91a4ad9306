/** Reads sheets into step text: of several readings the one that the whole dance agrees with. */
@org.jspecify.annotations.NullMarked
package ulnaawl.sheet.read;
