package ulnaawl.play.band;

/**
 * One sound of the band.
 *
 * @param tick when, from the start of its bar or of the track, twelve to a count
 * @param instrument what plays
 * @param strength in percent, 1 to 100
 * @param semitones above the instrument's own tone; 0 for drums
 */
public record Hit(int tick, Instrument instrument, int strength, int semitones) {}
