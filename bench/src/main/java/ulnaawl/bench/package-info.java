/** How fast the engine reads dances. */
@org.jspecify.annotations.NullMarked
package ulnaawl.bench;
