package ulnaawl.formats.sound;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import ulnaawl.floor.Foot;
import ulnaawl.music.Tempo;
import ulnaawl.play.Performance;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.words.Speech;

/**
 * The file as others read it: by the JDK, and byte for byte by the rules of "The Complete MIDI 1.0
 * Detailed Specification", part "Standard MIDI Files 1.0" (MIDI Manufacturers Association, 1996).
 */
public class PracticeMidiTest {

  private static final int TO_THE_COUNT = PracticeMidi.RESOLUTION;

  private final Performance run = Played.at(new Scope.Walls(1, 3), new Tempo(93_700));
  private byte[] file = {};
  private final List<List<Event>> tracks = new ArrayList<>();

  /** An event: its time, its status byte, and its data; for a meta event its kind comes first. */
  private record Event(long tick, int status, List<Integer> data) {

    boolean is(int kind) {
      return status == 0xFF && data.getFirst() == kind;
    }

    String text() {
      StringBuilder text = new StringBuilder();
      data.stream().skip(1).forEach(it -> text.append((char) it.intValue()));
      return text.toString();
    }
  }

  @BeforeClass
  public void written() throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PracticeMidi.write("Señor Kettle", run, Played.band(run), Speech.english().walls(), out);
    file = out.toByteArray();
    ByteBuffer in = ByteBuffer.wrap(file);
    assertEquals(word(in), "MThd");
    assertEquals(in.getInt(), 6);
    assertEquals(in.getShort(), 1, "format");
    int many = in.getShort();
    assertEquals(in.getShort(), PracticeMidi.RESOLUTION, "ticks to a quarter");
    for (int i = 0; i < many; i++) {
      assertEquals(word(in), "MTrk");
      int length = in.getInt();
      tracks.add(track(in.slice(in.position(), length)));
      in.position(in.position() + length);
    }
    assertEquals(in.remaining(), 0);
  }

  private static String word(ByteBuffer in) {
    byte[] four = new byte[4];
    in.get(four);
    return new String(four, StandardCharsets.US_ASCII);
  }

  /**
   * A track chunk: times of variable length, running status, an end of track and nothing behind it.
   */
  private static List<Event> track(ByteBuffer in) {
    List<Event> events = new ArrayList<>();
    long tick = 0;
    int running = 0;
    while (in.hasRemaining()) {
      tick += variable(in);
      int first = in.get(in.position()) & 0xFF;
      int status = first >= 0x80 ? in.get() & 0xFF : running;
      assertTrue(status >= 0x80, "running status without a status");
      if (status == 0xFF) {
        List<Integer> data = new ArrayList<>(List.of(in.get() & 0xFF));
        data.addAll(bytes(in, (int) variable(in)));
        events.add(new Event(tick, status, data));
        running = 0;
      } else {
        List<Integer> data = bytes(in, (status & 0xE0) == 0xC0 ? 1 : 2);
        assertTrue(data.stream().allMatch(it -> it < 0x80), "a data byte has its top bit clear");
        events.add(new Event(tick, status, data));
        running = status;
      }
    }
    assertTrue(events.getLast().is(0x2F) && events.getLast().data().size() == 1, "end of track");
    assertEquals(events.stream().filter(it -> it.is(0x2F)).count(), 1);
    return events;
  }

  private static List<Integer> bytes(ByteBuffer in, int many) {
    List<Integer> data = new ArrayList<>();
    for (int i = 0; i < many; i++) {
      data.add(in.get() & 0xFF);
    }
    return data;
  }

  private static long variable(ByteBuffer in) {
    long value = 0;
    for (int i = 0; i < 4; i++) {
      int one = in.get();
      value = (value << 7) | (one & 0x7F);
      if (one >= 0) {
        return value;
      }
    }
    throw new AssertionError("a number of more than four bytes");
  }

  @Test
  public void theJdkReadsIt() throws IOException, InvalidMidiDataException {
    Sequence read = MidiSystem.getSequence(new ByteArrayInputStream(file));
    assertEquals(read.getTracks().length, 5);
    // The last hat rings an eighth of a count and is over with the last count at the latest.
    long counts = run.track().counts() + (long) run.countIn();
    assertTrue(read.getTickLength() <= counts * TO_THE_COUNT, "" + read.getTickLength());
    assertEquals(
        read.getMicrosecondLength() / 1e6, run.nanos() / 1e9, 0.5, "as long as it is danced");
  }

  /** 93.7 a minute are 640,342 microseconds for a count: over a whole song within a millisecond. */
  @Test
  public void tempoAndMeter() {
    Event tempo = tracks.getFirst().stream().filter(it -> it.is(0x51)).findFirst().orElseThrow();
    assertEquals(tempo.tick(), 0);
    assertEquals(tempo.data(), List.of(0x51, 0x09, 0xC5, 0x56));
    assertEquals(0x09C556, 640_342);
    Event meter = tracks.getFirst().stream().filter(it -> it.is(0x58)).findFirst().orElseThrow();
    assertEquals(meter.data(), List.of(0x58, 4, 2, 24, 8));
    assertEquals(tracks.getFirst().getFirst().text(), "Senor Kettle");
  }

  @Test
  public void markersNameSectionsWallsAndExceptions() {
    List<String> markers =
        tracks.getFirst().stream()
            .filter(it -> it.is(0x06))
            .map(it -> it.tick() / TO_THE_COUNT + " " + it.text())
            .toList();
    assertEquals(
        markers,
        List.of(
            "4 wall 1, section 1",
            "12 section 2",
            "20 section 3",
            "28 tag Lull",
            "32 wall 2, section 1",
            "40 wall 3, section 1",
            "40 Restart",
            "48 section 2",
            "56 section 3"));
  }

  /** Every step that takes weight has its note, at its tick, by its foot; touches have none. */
  @Test
  public void stepsAreNotesByFoot() {
    List<String> notes =
        tracks.get(1).stream()
            .filter(it -> it.status() == 0x90 && it.data().get(1) > 0)
            .map(it -> it.tick() + " " + it.data().getFirst())
            .toList();
    List<String> wanted =
        run.track().steps().stream()
            .filter(it -> it.place().takesWeight())
            .map(it ->
                (it.tick() + 48) * 40L
                    + " "
                    + (it.place().foot().orElseThrow() == Foot.LEFT ? 60 : 64))
            .toList();
    assertEquals(notes, wanted);
  }

  /** Drums keep to channel 10; whatever is struck is let go. */
  @Test
  public void everyNoteEnds() {
    for (List<Event> track : tracks) {
      long on = track.stream().filter(it -> sounds(it)).count();
      long off = track.stream().filter(it -> (it.status() & 0xF0) == 0x80 || silent(it)).count();
      assertEquals(on, off);
    }
    assertTrue(tracks.get(2).stream().filter(it -> sounds(it)).allMatch(it -> it.status() == 0x99));
    assertTrue(tracks.get(2).stream().anyMatch(it -> sounds(it)));
  }

  private static boolean sounds(Event event) {
    return (event.status() & 0xF0) == 0x90 && event.data().get(1) > 0;
  }

  private static boolean silent(Event event) {
    return (event.status() & 0xF0) == 0x90 && event.data().get(1) == 0;
  }
}
