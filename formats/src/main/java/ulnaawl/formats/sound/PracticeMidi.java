package ulnaawl.formats.sound;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiMessage;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import ulnaawl.floor.Foot;
import ulnaawl.music.Count;
import ulnaawl.play.Leg;
import ulnaawl.play.Performance;
import ulnaawl.play.Said;
import ulnaawl.play.band.BandPart;
import ulnaawl.play.band.Hit;
import ulnaawl.play.band.Instrument;
import ulnaawl.words.WallSpeech;

/**
 * A run-through as notes: a Standard MIDI File 1.0 of format 1 with 480 ticks to a quarter, which
 * is a count. Track 1 holds tempo, meter and markers (sections, walls, restarts, tags), track 2 the
 * steps that take weight (the left foot a C, the right one an E above it), track 3 the drums on
 * channel 10, track 4 the bass, track 5 what is called as lyrics.
 */
public final class PracticeMidi {

  /** Ticks of the file to a count. */
  public static final int RESOLUTION = 480;

  /** The note of a step on the left foot: middle C. */
  public static final int LEFT = 60;

  /** The note of a step on the right foot. */
  public static final int RIGHT = 64;

  private static final int SCALE = RESOLUTION / Count.TICKS;
  private static final int STEPS = 0;
  private static final int BASS = 1;
  private static final int DRUMS = 9;

  /** General MIDI level 1: wood block and finger bass, from 0. */
  private static final int WOOD_BLOCK = 115;

  private static final int LOW_A = 33;
  private static final int STEP_VELOCITY = 90;
  private static final int SHORT = RESOLUTION / 8;

  private static final int TRACK_NAME = 0x03;
  private static final int LYRIC = 0x05;
  private static final int MARKER = 0x06;
  private static final int TEMPO = 0x51;
  private static final int TIME_SIGNATURE = 0x58;
  private static final long MICROS_TIMES_MILLI = 60_000_000L * 1000L;

  private final Performance performance;
  private final Sequence sequence;

  private PracticeMidi(Performance performance) throws InvalidMidiDataException {
    this.performance = performance;
    this.sequence = new Sequence(Sequence.PPQ, RESOLUTION);
  }

  /** Writes the file; the count-in takes its first counts. */
  public static void write(
      String title, Performance performance, BandPart band, WallSpeech speech, OutputStream out)
      throws IOException {
    try {
      PracticeMidi midi = new PracticeMidi(performance);
      midi.conductor(title, speech);
      midi.steps();
      midi.band(band);
      midi.lyrics();
      MidiSystem.write(midi.sequence, 1, out);
    } catch (InvalidMidiDataException e) {
      throw new IllegalStateException(e);
    }
  }

  private void conductor(String title, WallSpeech speech) throws InvalidMidiDataException {
    Track track = track(title);
    long micros =
        (MICROS_TIMES_MILLI + performance.rate().milliBpm() / 2) / performance.rate().milliBpm();
    byte[] tempo = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
    meta(track, -performance.countIn() * Count.TICKS, TEMPO, tempo);
    byte[] meter = {(byte) performance.meter().beats(), 2, 24, 8};
    meta(track, -performance.countIn() * Count.TICKS, TIME_SIGNATURE, meter);
    int wall = 0;
    for (Leg leg : performance.track().legs()) {
      String name = leg.event().map(speech::event).orElseGet(() -> "section " + leg.section());
      String where = leg.wall() == wall ? "" : "wall " + leg.wall() + ", ";
      wall = leg.wall();
      text(track, leg.tick(), MARKER, where + name);
    }
    for (ulnaawl.play.Track.Announced one : performance.track().announced()) {
      if (isNamed(one.tick())) {
        continue;
      }
      text(track, one.tick(), MARKER, speech.call(one.call().what()));
    }
  }

  /** What is put in has its marker as a leg already. */
  private boolean isNamed(int tick) {
    return performance.track().legs().stream()
        .anyMatch(leg -> leg.tick() == tick && leg.event().isPresent());
  }

  private void steps() throws InvalidMidiDataException {
    Track track = track("steps");
    add(
        track,
        -performance.countIn() * Count.TICKS,
        new ShortMessage(ShortMessage.PROGRAM_CHANGE, STEPS, WOOD_BLOCK, 0));
    for (ulnaawl.play.Track.Step step : performance.track().steps()) {
      if (step.place().takesWeight()) {
        int note = step.place().foot().orElseThrow() == Foot.LEFT ? LEFT : RIGHT;
        note(track, STEPS, step.tick(), note, STEP_VELOCITY);
      }
    }
  }

  private void band(BandPart band) throws InvalidMidiDataException {
    Track drums = track("drums");
    Track bass = track("bass");
    int program = Instrument.BASS.sound().midi() - 1;
    add(
        bass,
        -performance.countIn() * Count.TICKS,
        new ShortMessage(ShortMessage.PROGRAM_CHANGE, BASS, program, 0));
    for (int count = -performance.countIn(); count < 0; count++) {
      note(drums, DRUMS, count * Count.TICKS, Instrument.ACCENT.sound().midi(), STEP_VELOCITY);
    }
    for (Hit hit : band.hits(performance.track().ticks())) {
      int velocity = Math.clamp(hit.strength() * 127L / 100, 1, 127);
      if (hit.instrument() == Instrument.BASS) {
        note(bass, BASS, hit.tick(), LOW_A + hit.semitones(), velocity);
      } else {
        note(drums, DRUMS, hit.tick(), hit.instrument().sound().midi(), velocity);
      }
    }
  }

  private void lyrics() throws InvalidMidiDataException {
    Track track = track("calls");
    for (Said said : performance.said()) {
      text(track, said.tick(), LYRIC, said.text());
    }
  }

  private Track track(String name) throws InvalidMidiDataException {
    Track track = sequence.createTrack();
    text(track, -performance.countIn() * Count.TICKS, TRACK_NAME, name);
    return track;
  }

  /** Texts are plain ASCII, as the standard advises; other letters lose their accents. */
  private void text(Track track, int tick, int kind, String text) throws InvalidMidiDataException {
    String plain =
        java.text.Normalizer.normalize(text, java.text.Normalizer.Form.NFD)
            .replaceAll("\\p{M}", "");
    meta(track, tick, kind, plain.getBytes(StandardCharsets.US_ASCII));
  }

  private void meta(Track track, int tick, int kind, byte[] data) throws InvalidMidiDataException {
    add(track, tick, new MetaMessage(kind, data, data.length));
  }

  private void note(Track track, int channel, int tick, int note, int velocity)
      throws InvalidMidiDataException {
    add(track, tick, new ShortMessage(ShortMessage.NOTE_ON, channel, note, velocity));
    long end = at(tick) + SHORT;
    track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_OFF, channel, note, 0), end));
  }

  private void add(Track track, int tick, MidiMessage message) {
    track.add(new MidiEvent(message, at(tick)));
  }

  private long at(int tick) {
    return (long) (tick + performance.countIn() * Count.TICKS) * SCALE;
  }
}
