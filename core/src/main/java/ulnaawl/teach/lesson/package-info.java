/**
 * What there is to learn: a dance as pieces, how hard each is for a group, what a drill covers and
 * takes, and how ready it leaves the pieces. It stands apart from the teach, so that loads and pace
 * can be used where nothing is planned.
 */
@NullMarked
package ulnaawl.teach.lesson;

import org.jspecify.annotations.NullMarked;
