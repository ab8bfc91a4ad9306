package ulnaawl.server.teaching;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import ulnaawl.server.groups.GroupRow;
import ulnaawl.server.platform.Problem;
import ulnaawl.server.platform.SignedIn;
import ulnaawl.server.teaching.TeachView.AddableView;
import ulnaawl.server.teaching.TeachView.SchoolView;
import ulnaawl.server.teaching.TeachView.ScopeView;
import ulnaawl.server.teaching.TeachView.TeachOptions;
import ulnaawl.server.teaching.TeachView.TeachSheet;
import ulnaawl.server.teaching.TeachView.WantedDrill;
import ulnaawl.server.teaching.TeachView.WantedTeach;
import ulnaawl.server.teaching.TeachingService.Prepared;
import ulnaawl.teach.Cue;
import ulnaawl.teach.Cues;
import ulnaawl.teach.Lesson;
import ulnaawl.teach.School;
import ulnaawl.teach.SchoolAdvice;
import ulnaawl.teach.Teach;
import ulnaawl.teach.TeachBuilder;

/** The teach of a dance for a group. */
@RestController
@RequestMapping("/api/dances/{id}")
class TeachingController {

  private final TeachingService teaching;

  TeachingController(TeachingService teaching) {
    this.teaching = teaching;
  }

  /** A note on a section; blank for a mark without one. */
  record WatchNote(@NotNull String note) {}

  /** How long a teach really took. */
  record TimeTaken(long group, int plannedSeconds, int classPercent, int minutes) {}

  /** A call with its moment; ticks are twelfths of a count from the start of its section. */
  record CueView(String text, String full, String how, int startTick, int danceTick) {}

  /** The calls of a section. */
  record SectionCues(int section, List<CueView> cues) {}

  @GetMapping("/teach/options")
  TeachOptions options(@PathVariable long id, @RequestParam long group) {
    Prepared prepared = teaching.prepare(id, group);
    SchoolAdvice advice = prepared.advice();
    return new TeachOptions(
        School.all().stream().map(it -> new SchoolView(it.id(), it.label(), it.goodFor())).toList(),
        advice.school().id(),
        advice.why(),
        prepared.lesson().scopes().stream()
            .map(scope -> new AddableView(ScopeView.of(scope), scope.label()))
            .toList(),
        teaching.watchOuts(id));
  }

  @GetMapping("/teach")
  TeachSheet teach(
      @PathVariable long id,
      @RequestParam long group,
      @RequestParam int minutes,
      @RequestParam Optional<String> school) {
    check(minutes);
    Prepared prepared = teaching.prepare(id, group);
    School chosen =
        school
            .filter(it -> !it.isEmpty())
            .map(TeachView::school)
            .orElseGet(() -> prepared.advice().school());
    return sheet(id, minutes, prepared, Teach.of(prepared.lesson(), chosen, minutes));
  }

  /** Drills in somebody's own order; the repetitions that are not locked fit the minutes. */
  @PostMapping("/teach")
  TeachSheet fit(@PathVariable long id, @Valid @RequestBody WantedTeach wanted) {
    Prepared prepared = teaching.prepare(id, wanted.group());
    return sheet(id, wanted.minutes(), prepared, asWanted(prepared, wanted));
  }

  private static Teach asWanted(Prepared prepared, WantedTeach wanted) {
    try {
      return Teach.of(
          prepared.lesson(),
          wanted.drills().stream().map(WantedDrill::slot).toList(),
          wanted.minutes());
    } catch (IllegalArgumentException e) {
      throw Problem.rejected(String.valueOf(e.getMessage()));
    }
  }

  @PostMapping(value = "/teach/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
  ResponseEntity<byte[]> pdf(@PathVariable long id, @Valid @RequestBody WantedTeach wanted) {
    Prepared prepared = teaching.prepare(id, wanted.group());
    Teach teach = asWanted(prepared, wanted);
    String group = prepared.group().name();
    ContentDisposition name =
        ContentDisposition.attachment()
            .filename(prepared.read().dance().title() + ", teach.pdf", StandardCharsets.UTF_8)
            .build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
        .body(TeachPdf.write(prepared.read().dance().title(), group, wanted.minutes(), teach));
  }

  private TeachSheet sheet(long id, int minutes, Prepared prepared, Teach teach) {
    GroupRow group = prepared.group();
    int taken = teaching.timesTaken(group.id());
    return TeachView.sheet(id, group.id(), group.name(), minutes, taken, prepared.lesson(), teach);
  }

  /** What is called in each section at a pace. */
  @GetMapping("/cues")
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
              Cues.of(section, style, rate).stream()
                  .map(cue ->
                      new CueView(
                          cue.text(),
                          cue.full(),
                          cue.how().name(),
                          cue.startTick(),
                          cue.danceTick()))
                  .toList()));
    }
    return all;
  }

  @PutMapping("/watch-outs/{section}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void watch(
      @PathVariable long id,
      @PathVariable int section,
      @Valid @RequestBody WatchNote note,
      @AuthenticationPrincipal SignedIn me) {
    teaching.watch(id, section, note.note(), me);
  }

  @DeleteMapping("/watch-outs/{section}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(
      @PathVariable long id, @PathVariable int section, @AuthenticationPrincipal SignedIn me) {
    teaching.forget(id, section, me);
  }

  @PostMapping("/teach/time")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void took(
      @PathVariable long id,
      @Valid @RequestBody TimeTaken time,
      @AuthenticationPrincipal SignedIn me) {
    teaching.took(id, time.group(), time.plannedSeconds(), time.classPercent(), time.minutes(), me);
  }

  private static void check(int minutes) {
    if (minutes < 1 || minutes > TeachBuilder.MOST_MINUTES) {
      throw Problem.rejected(
          "A teach lasts 1 to " + TeachBuilder.MOST_MINUTES + " minutes, not " + minutes + ".");
    }
  }
}
