package ulnaawl.teach;

import ulnaawl.dance.SectionSet;

/**
 * A place where a teach may stop for tonight.
 *
 * @param upTo how many sections of the school's order are taught by then
 * @param reached sections that the group has been shown by then
 * @param shortestSeconds what the shortest teach of it takes
 * @param fits whether that fits into the minutes
 * @param leastDone how ready the least ready of these sections is by the end, in thousandths; 0
 *     where it does not fit
 * @param chosen whether the teach stops here
 */
public record HowFar(
    int upTo,
    SectionSet reached,
    int shortestSeconds,
    boolean fits,
    int leastDone,
    boolean chosen) {}
