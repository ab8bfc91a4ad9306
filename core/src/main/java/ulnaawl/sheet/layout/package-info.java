/** What each line of a sheet is: fact, heading, counts with steps, something said of walls. */
@org.jspecify.annotations.NullMarked
package ulnaawl.sheet.layout;
