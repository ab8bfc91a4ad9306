/** What passes between those who lead a group: who can stand in, and what they need to know. */
@NullMarked
package ulnaawl.handover;

import org.jspecify.annotations.NullMarked;
