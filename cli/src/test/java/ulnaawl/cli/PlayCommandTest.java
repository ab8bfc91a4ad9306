package ulnaawl.cli;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.sound.midi.InvalidMidiDataException;
import javax.sound.midi.MidiSystem;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.testng.annotations.Test;

/** {@code ./ulna play}: its files, what it prints, its refusals. */
public class PlayCommandTest {

  private static final Path DANCE = Path.of("../core/src/test/resources/dances/paper-lanterns.txt");

  private record Ran(int status, String out, String err) {}

  private static Ran play(String... words) {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ByteArrayOutputStream err = new ByteArrayOutputStream();
    int status =
        new PlayCommand(
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8))
            .run(words);
    return new Ran(
        status, out.toString(StandardCharsets.UTF_8), err.toString(StandardCharsets.UTF_8));
  }

  @Test
  public void printsWhatIsCalledAndWhen() {
    Ran ran = play(DANCE.toString(), "--wall", "2", "--walls", "1", "--percent", "60");
    assertEquals(ran.status(), 0, ran.err());
    assertTrue(ran.out().startsWith("Paper Lanterns, wall 2"), ran.out());
    // 36 counts at 67.2 a minute and 4 that are counted in.
    assertTrue(ran.out().contains("36 counts at 67.2 a minute, 0:35"), ran.out());
    assertTrue(ran.out().contains("(8e)  vine right"), ran.out());
    assertTrue(ran.out().contains("25  tag coming"), ran.out());
    assertTrue(ran.out().contains("29  tag: sway right left right left"), ran.out());
  }

  @Test
  public void writesSoundAndNotes()
      throws IOException, UnsupportedAudioFileException, InvalidMidiDataException {
    Path folder = Files.createTempDirectory("play");
    Path wav = folder.resolve("a.wav");
    Path midi = folder.resolve("a.mid");
    Ran ran =
        play(DANCE.toString(), "--section", "2", "--wav", wav.toString(), "--midi", "" + midi);
    assertEquals(ran.status(), 0, ran.err());
    try (var sound = AudioSystem.getAudioInputStream(wav.toFile())) {
      // 12 counts at 112 a minute and a second in which the last one rings.
      assertEquals(sound.getFrameLength() / 22_050.0, 12 * 60 / 112.0 + 1, 0.01);
    }
    assertEquals(MidiSystem.getSequence(midi.toFile()).getTracks().length, 5);
  }

  @Test
  public void refusesPlainly() {
    assertEquals(play().status(), 2);
    assertTrue(play("nowhere.txt").err().contains("there is no file nowhere.txt"));
    assertTrue(play(DANCE.toString(), "--section", "9").err().contains("there is no section 9"));
    assertTrue(play(DANCE.toString(), "--percent", "10").err().contains("from 50 to 110"));
    assertTrue(
        play(DANCE.toString(), "--wav", "nowhere/at/all.wav").err().contains("cannot be written"));
    assertTrue(play(DANCE.toString(), "--loud").err().contains("does not know '--loud'"));
  }
}
