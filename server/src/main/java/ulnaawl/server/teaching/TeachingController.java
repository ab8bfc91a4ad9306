package ulnaawl.server.teaching;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import ulnaawl.dance.Section;
import ulnaawl.formats.TeachPdf;
import ulnaawl.music.Tempo;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.platform.KeepAnswer;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.teaching.SavedTeaches.Opened;
import ulnaawl.server.teaching.TeachView.SavedTeachAnswer;
import ulnaawl.server.teaching.TeachView.TeachOptions;
import ulnaawl.server.teaching.TeachView.TeachSheet;
import ulnaawl.server.teaching.TeachView.TeachToSave;
import ulnaawl.server.teaching.TeachView.WantedTeach;
import ulnaawl.server.teaching.TeachingService.Prepared;
import ulnaawl.teach.Teach;
import ulnaawl.teach.TeachBuilder;
import ulnaawl.teach.cue.Cue;
import ulnaawl.teach.cue.Cues;
import ulnaawl.teach.lesson.Lesson;
import ulnaawl.teach.school.School;
import ulnaawl.words.Speech;

/** The teach of a dance for a group. */
@RestController
@RequestMapping("/api")
@RequiredArgsConstructor
class TeachingController {

  private final TeachingService teaching;
  private final SavedTeaches saved;
  private final TeachWriter writer;
  private final Speech speech;

  /** A note on a section, blank for a mark without one; 0 for a section without a mark. */
  record WatchNote(@NotNull String note, int version) {}

  /** How long a teach really took. */
  record TimeTaken(long dance, long group, int plannedSeconds, int classPercent, int minutes) {}

  /** A call with its moment; ticks are twelfths of a count from the start of its section. */
  record CueView(String text, String full, Cue.How how, int startTick, int danceTick) {}

  /** The calls of a section. */
  record SectionCues(int section, int counts, List<CueView> cues) {}

  @GetMapping("/dances/{id}/teach/options")
  @KeepAnswer
  TeachOptions options(@PathVariable long id, @RequestParam long group) {
    return writer.options(teaching.prepare(id, group), teaching.watchOuts(id));
  }

  @GetMapping("/dances/{id}/teach")
  @KeepAnswer
  TeachSheet teach(
      @PathVariable long id,
      @RequestParam long group,
      @RequestParam int minutes,
      @RequestParam Optional<School> school,
      @RequestParam Optional<Integer> upTo) {
    if (minutes < 1 || minutes > TeachBuilder.MOST_MINUTES) {
      throw Problem.rejected(
          "A teach lasts 1 to " + TeachBuilder.MOST_MINUTES + " minutes, not " + minutes + ".");
    }
    Prepared prepared = teaching.prepare(id, group);
    School chosen = school.orElseGet(() -> prepared.advice().school());
    Teach teach =
        upTo.isPresent()
            ? Teach.of(prepared.lesson(), chosen, minutes, upTo.get())
            : Teach.of(prepared.lesson(), chosen, minutes);
    return sheet(id, minutes, prepared, teach);
  }

  /** Drills in somebody's own order; the repetitions that are not locked fit the minutes. */
  @PostMapping("/dances/{id}/teach")
  TeachSheet fit(@PathVariable long id, @Valid @RequestBody WantedTeach wanted) {
    Prepared prepared = teaching.prepare(id, wanted.group());
    return sheet(id, wanted.minutes(), prepared, asWanted(prepared, wanted));
  }

  private static Teach asWanted(Prepared prepared, WantedTeach wanted) {
    try {
      return Teach.of(
          prepared.lesson(),
          wanted.drills().stream().map(SavedDrill::slot).toList(),
          wanted.minutes());
    } catch (IllegalArgumentException e) {
      throw Problem.rejected(String.valueOf(e.getMessage()));
    }
  }

  private TeachSheet sheet(long id, int minutes, Prepared prepared, Teach teach) {
    int taken = teaching.timesTaken(prepared.group().id());
    return writer.sheet(id, minutes, taken, prepared, teach);
  }

  /** The teach that somebody put together for the group, for every colleague. */
  @GetMapping("/dances/{id}/teach/saved")
  @KeepAnswer
  SavedTeachAnswer saved(@PathVariable long id, @RequestParam long group) {
    return answer(saved.open(group, id));
  }

  @PutMapping("/dances/{id}/teach/saved")
  SavedTeachAnswer save(
      @PathVariable long id,
      @Valid @RequestBody TeachToSave wanted,
      @AuthenticationPrincipal SignedIn me) {
    WantedTeach teach = wanted.teach();
    asWanted(teaching.prepare(id, teach.group()), teach);
    return answer(
        Optional.of(
            saved.save(
                teach.group(),
                id,
                wanted.version(),
                Optional.ofNullable(wanted.school()),
                teach.minutes(),
                teach.drills(),
                me)));
  }

  /** Puts it aside: the school lays the teach out anew. */
  @DeleteMapping("/dances/{id}/teach/saved")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void putAside(
      @PathVariable long id,
      @RequestParam(defaultValue = "0") long group,
      @RequestParam int version,
      @AuthenticationPrincipal SignedIn me) {
    saved.archive(group, id, version, me);
  }

  private SavedTeachAnswer answer(Optional<Opened> opened) {
    return new SavedTeachAnswer(opened.map(writer::saved).orElse(null));
  }

  @PostMapping(value = "/dances/{id}/teach/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> pdf(@PathVariable long id, @Valid @RequestBody WantedTeach wanted) {
    Prepared prepared = teaching.prepare(id, wanted.group());
    Teach teach = asWanted(prepared, wanted);
    String title = prepared.read().dance().title();
    ContentDisposition name =
        ContentDisposition.attachment()
            .filename(title + ", teach.pdf", StandardCharsets.UTF_8)
            .build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
        .body(
            TeachPdf.write(
                title, prepared.group().name(), wanted.minutes(), teach, speech.teach()));
  }

  /** What is called in each section at a pace. */
  @GetMapping("/dances/{id}/cues")
  @KeepAnswer
  List<SectionCues> cues(
      @PathVariable long id,
      @RequestParam long group,
      @RequestParam(defaultValue = "NAMES") Cue.Style style,
      @RequestParam(defaultValue = "100") int percent) {
    if (percent < 50 || percent > 100) {
      throw Problem.rejected("A pace lies between 50 and 100 % of full speed.");
    }
    Lesson lesson = teaching.prepare(id, group).lesson();
    Tempo rate = lesson.rate().atPercent(percent);
    List<SectionCues> all = new ArrayList<>();
    for (Section section : lesson.sections()) {
      all.add(
          new SectionCues(
              section.number(),
              section.counts(),
              Cues.of(section, style, rate).stream()
                  .map(cue ->
                      new CueView(
                          cue.text(), cue.full(), cue.how(), cue.startTick(), cue.danceTick()))
                  .toList()));
    }
    return all;
  }

  @PutMapping("/dances/{id}/watch-outs/{section}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void watch(
      @PathVariable long id,
      @PathVariable int section,
      @Valid @RequestBody WatchNote note,
      @AuthenticationPrincipal SignedIn me) {
    teaching.watch(id, section, note.note(), note.version(), me);
  }

  @DeleteMapping("/dances/{id}/watch-outs/{section}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void unmark(
      @PathVariable long id,
      @PathVariable int section,
      @RequestParam int version,
      @AuthenticationPrincipal SignedIn me) {
    teaching.unmark(id, section, version, me);
  }

  @PostMapping("/teach-times")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void took(@Valid @RequestBody TimeTaken time, @AuthenticationPrincipal SignedIn me) {
    teaching.took(
        time.dance(), time.group(), time.plannedSeconds(), time.classPercent(), time.minutes(), me);
  }
}
