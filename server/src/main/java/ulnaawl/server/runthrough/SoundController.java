package ulnaawl.server.runthrough;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.formats.sound.Voice;
import ulnaawl.play.band.Instrument;
import ulnaawl.server.platform.KeepAnswer;

/** What a run-through sounds like: the band's instruments, and the voice. */
@RestController
@RequestMapping("/api/sound")
class SoundController {

  /** The voice changes with a release only. */
  private static final Duration KEPT = Duration.ofDays(30);

  /** How an instrument sounds, see the core. */
  record InstrumentView(
      Instrument name,
      int fromHz,
      int toHz,
      int millis,
      int noise,
      int noiseAboveHz,
      int loudness) {}

  /** Where a clip lies in the voice: first sample, and how many. */
  record ClipView(int start, int samples) {}

  /**
   * All of it.
   *
   * @param voiceRate samples a second of the voice
   * @param clips by what they say
   */
  record SoundView(List<InstrumentView> instruments, int voiceRate, Map<String, ClipView> clips) {}

  @GetMapping
  @KeepAnswer
  SoundView sound() {
    Map<String, ClipView> clips = new LinkedHashMap<>();
    Voice.shipped()
        .clips()
        .forEach((key, clip) -> clips.put(key, new ClipView(clip.start(), clip.samples())));
    return new SoundView(
        Instrument.all().stream().map(SoundController::instrument).toList(), Voice.RATE, clips);
  }

  /** The voice: mu-law, a byte a sample. */
  @GetMapping("/voice")
  ResponseEntity<byte[]> voice() {
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .cacheControl(CacheControl.maxAge(KEPT).cachePublic())
        .body(Voice.shipped().sound());
  }

  private static InstrumentView instrument(Instrument one) {
    Instrument.Sound sound = one.sound();
    return new InstrumentView(
        one,
        sound.fromHz(),
        sound.toHz(),
        sound.millis(),
        sound.noise(),
        sound.noiseAboveHz(),
        sound.loudness());
  }
}
