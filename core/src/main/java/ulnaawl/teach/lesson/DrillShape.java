package ulnaawl.teach.lesson;

import java.util.OptionalLong;

/**
 * What one repetition of a drill consists of.
 *
 * @param mode how it is danced
 * @param percent share of the full count rate, 50 to 100; without meaning in words
 * @param counts counts that are danced
 * @param lead counts before the first step: the count-in, or the intro of the music; none in words
 * @param talkSeconds what is said before the first repetition
 * @param turnsRound whether it ends facing elsewhere than it begins
 * @param songMillis length of the music where a whole song is played and its length is known
 */
public record DrillShape(
    Mode mode,
    int percent,
    int counts,
    int lead,
    int talkSeconds,
    boolean turnsRound,
    OptionalLong songMillis) {}
