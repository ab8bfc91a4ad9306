/**
 * A run-through as files for practice at home: sound (WAV) and notes (Standard MIDI File), with the
 * voice that ships.
 */
@NullMarked
package ulnaawl.formats.sound;

import org.jspecify.annotations.NullMarked;
