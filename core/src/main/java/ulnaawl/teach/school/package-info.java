/**
 * The schools of teaching, each an order of drills, and which of them suits a dance and a group.
 * They say what comes after what; how often and how fast is the teach's.
 */
@NullMarked
package ulnaawl.teach.school;

import org.jspecify.annotations.NullMarked;
