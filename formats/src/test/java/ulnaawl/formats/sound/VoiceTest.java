package ulnaawl.formats.sound;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.testng.annotations.Test;
import ulnaawl.figure.FigureBook;
import ulnaawl.text.DataFile;
import ulnaawl.words.CalledWords;

/** The clips that ship against the words that can be called. */
public class VoiceTest {

  private static final String HEAD =
      """
      # What the voice can say: key | word | the longest it may take in milliseconds. Written by ./ulna docs from the figure
      # book; then run ops/voice/make-voice.sh.
      """;

  private static final List<CalledWords.Clip> WANTED = CalledWords.clips(FigureBook.standard());

  @Test
  public void theListOfWordsIsUpToDate() throws IOException {
    String wanted =
        WANTED.stream()
            .map(it -> it.key() + " | " + it.word() + " | " + it.millis() + "\n")
            .collect(Collectors.joining("", HEAD, ""));
    if (Boolean.getBoolean("ulna.docs.write")) {
      Files.writeString(Path.of("src/main/resources/ulnaawl/formats/sound/words.txt"), wanted);
    } else {
      assertEquals(DataFile.text(Voice.class, "words.txt"), wanted, "run ./ulna docs");
    }
  }

  /** Every call can be spoken, and in the time that the core's sums give it. */
  @Test
  public void everyWordHasAClipThatFits() {
    for (CalledWords.Clip word : WANTED) {
      Voice.Clip clip =
          Optional.ofNullable(Voice.shipped().clips().get(word.key()))
              .orElseThrow(
                  () -> new AssertionError(word + " has no clip; run ops/voice/make-voice.sh"));
      assertTrue(clip.samples() * 1000L <= (long) word.millis() * Voice.RATE, word + " " + clip);
      float[] said = Voice.shipped().say(List.of(word.key())).orElseThrow();
      double power = 0;
      for (float sample : said) {
        power += sample * sample;
      }
      assertTrue(Math.sqrt(power / said.length) > 0.05, word + " is hardly heard");
    }
    assertTrue(Voice.shipped().sound().length < 4_000_000);
  }

  /** Values of the decoder table of ITU-T G.711 (from memory): loudest, smallest, nothing. */
  @Test
  public void decodesMuLaw() {
    assertEquals(MuLaw.decode((byte) 0x80) * 32768, 32124f);
    assertEquals(MuLaw.decode((byte) 0x00) * 32768, -32124f);
    assertEquals(MuLaw.decode((byte) 0xFE) * 32768, 8f);
    assertEquals(MuLaw.decode((byte) 0xFF) * 32768, 0f);
  }
}
