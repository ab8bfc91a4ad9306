package ulnaawl.server.runthrough;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import lombok.RequiredArgsConstructor;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.formats.sound.Mix;
import ulnaawl.formats.sound.PracticeMidi;
import ulnaawl.formats.sound.PracticeWav;
import ulnaawl.play.Performance;
import ulnaawl.play.Track;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.runthrough.RunThroughs.Rehearsed;
import ulnaawl.teach.ladder.TempoLadder;
import ulnaawl.words.Speech;

/** A dance from slow to full speed. */
@RestController
@RequestMapping("/api/dances/{id}/run-through")
@RequiredArgsConstructor
class RunThroughController {

  /** Sound files that one person is sent at once; each takes a processor for a second or more. */
  private static final int AT_ONCE = 2;

  private static final String WAV = "audio/wav";
  private static final String MIDI = "audio/midi";

  private final RunThroughs runThroughs;
  private final RunThroughWriter writer;
  private final Speech speech;

  /** Files that are being sent, by the number of the person: whoever is slow waits alone. */
  private final Map<Long, Integer> sending = new ConcurrentHashMap<>();

  /** What is heard in a file. */
  enum Heard {
    ALL,
    CLICK
  }

  @GetMapping
  @KeepAnswer
  RunThroughView runThrough(
      @PathVariable long id,
      @RequestParam Optional<Long> group,
      @ParameterObject @Valid ScopeQuery scope) {
    Rehearsed rehearsed = runThroughs.get(id, group);
    return writer.view(rehearsed, rehearsed.scope(scope.view()));
  }

  /** A file for practice at home: sound, made while it is sent. */
  @GetMapping(value = "/sound", produces = WAV)
  void sound(
      @PathVariable long id,
      @RequestParam(defaultValue = "100") @Min(TempoLadder.LOWEST) @Max(TempoLadder.FASTEST)
          int percent,
      @RequestParam(defaultValue = "ALL") Heard heard,
      @ParameterObject @Valid ScopeQuery scope,
      @AuthenticationPrincipal SignedIn me,
      HttpServletResponse response)
      throws IOException {
    Rehearsed rehearsed = runThroughs.get(id, Optional.empty());
    PracticeWav wav = wav(rehearsed, performance(rehearsed, scope, percent), heard);
    try {
      if (sending.merge(me.id(), 1, Integer::sum) > AT_ONCE) {
        throw Problem.tooMany("Two sound files are on their way to you; wait for one of them.");
      }
      named(response, WAV, rehearsed, percent, "wav");
      wav.write(response.getOutputStream());
    } finally {
      sending.computeIfPresent(me.id(), (_, many) -> many > 1 ? Integer.valueOf(many - 1) : null);
    }
  }

  private static PracticeWav wav(Rehearsed rehearsed, Performance performance, Heard heard) {
    try {
      Mix mix = heard == Heard.ALL ? Mix.ALL : Mix.CLICK;
      return PracticeWav.of(performance, rehearsed.band(performance.track()), mix);
    } catch (IllegalArgumentException e) {
      throw Problem.rejected(String.valueOf(e.getMessage()));
    }
  }

  /** A file for practice at home: notes. */
  @GetMapping(value = "/notes", produces = MIDI)
  void notes(
      @PathVariable long id,
      @RequestParam(defaultValue = "100") @Min(TempoLadder.LOWEST) @Max(TempoLadder.FASTEST)
          int percent,
      @ParameterObject @Valid ScopeQuery scope,
      HttpServletResponse response)
      throws IOException {
    Rehearsed rehearsed = runThroughs.get(id, Optional.empty());
    Performance performance = performance(rehearsed, scope, percent);
    named(response, MIDI, rehearsed, percent, "mid");
    PracticeMidi.write(
        rehearsed.lesson().dance().title(),
        performance,
        rehearsed.band(performance.track()),
        speech.walls(),
        response.getOutputStream());
  }

  private static Performance performance(Rehearsed rehearsed, ScopeQuery scope, int percent) {
    Track track = Track.of(rehearsed.lesson(), rehearsed.scope(scope.view()));
    return rehearsed.at(track, rehearsed.lesson().rate().atPercent(percent));
  }

  private static void named(
      HttpServletResponse response, String type, Rehearsed rehearsed, int percent, String kind) {
    String file = rehearsed.lesson().dance().title() + ", " + percent + " %." + kind;
    response.setContentType(type);
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION,
        ContentDisposition.attachment().filename(file, StandardCharsets.UTF_8).build().toString());
  }
}
