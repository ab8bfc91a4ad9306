package ulnaawl.server.classes;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lombok.RequiredArgsConstructor;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
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
import ulnaawl.people.PersonId;
import ulnaawl.plan.ClassLine.Kind;
import ulnaawl.server.access.SignedIn;
import ulnaawl.server.classes.RunningOrders.Around;
import ulnaawl.server.groups.GroupService;
import ulnaawl.server.history.BringBack;
import ulnaawl.server.platform.KeepAnswer;

/** The coming classes, their running orders, and their record. */
@RestController
@RequestMapping("/api/classes")
@RequiredArgsConstructor
class ClassController {

  private final ClassService classes;
  private final ClassSheets sheets;
  private final ClassMusic music;
  private final GroupService groups;

  /** A class to plan. */
  record NewClass(long group, @NotNull LocalDate date, int minutes) {}

  /** What stays where it stands, and which dances are not wanted. */
  record AroundForm(
      int minutes,
      @Nullable @Size(max = ClassBounds.MOST_SENT) Set<@NotNull Long> keep,
      @Nullable @Size(max = ClassBounds.MOST_SENT) Set<@NotNull Long> without) {
    Around around() {
      ClassBounds.check(minutes);
      return new Around(
          minutes, keep == null ? Set.of() : keep, without == null ? Set.of() : without);
    }
  }

  /** A class to plan anew. */
  record PlanAnew(
      int version,
      int minutes,
      @Nullable @Size(max = ClassBounds.MOST_SENT) Set<@NotNull Long> keep,
      @Nullable @Size(max = ClassBounds.MOST_SENT) Set<@NotNull Long> without) {
    Around around() {
      return new AroundForm(minutes, keep, without).around();
    }
  }

  /** Who leads; nothing in the name for nobody in particular. */
  record LeaderForm(int version, @Nullable PersonId leader) {}

  /**
   * What a running order is worth.
   *
   * @param best what the best one is worth
   * @param each points of each line, in order
   */
  record ValueView(int points, int best, List<Integer> each, List<String> broken) {}

  /**
   * A running order that could be taken.
   *
   * @param gap points by which a better one could differ at most
   * @param now what the order is worth as it stands
   */
  record BestOrderView(int points, int gap, int now, List<ClassSheet.LineView> lines) {}

  /** A line as it is wanted; without an id it is new. */
  record LineForm(
      @Nullable Long id,
      @Min(1) @Max(240) int minutes,
      @NotNull Kind kind,
      @Nullable Long dance,
      @NotNull @Size(max = 200) String title) {}

  /** A running order as it is wanted. */
  record OrderForm(
      int version,
      int minutes,
      @NotNull @Size(max = ClassBounds.MOST_SENT) List<@Valid LineForm> lines) {

    List<ClassService.WantedLine> wanted() {
      return lines.stream()
          .map(line ->
              new ClassService.WantedLine(
                  line.id() == null ? 0 : line.id(),
                  line.minutes(),
                  line.kind(),
                  Optional.ofNullable(line.dance()),
                  line.title()))
          .toList();
    }
  }

  @GetMapping
  @KeepAnswer
  Agenda agenda() {
    return sheets.agenda();
  }

  @GetMapping("/{id}")
  @KeepAnswer
  ClassSheet one(@PathVariable long id) {
    return sheets.sheet(classes.get(id));
  }

  /** What the running order is worth, which rules it breaks, and what the best one is worth. */
  @GetMapping("/{id}/value")
  @KeepAnswer
  ValueView value(@PathVariable long id) {
    return sheets.value(classes.get(id));
  }

  /** A running order around what stays; nothing is changed by it. */
  @PostMapping("/{id}/proposal")
  BestOrderView proposal(@PathVariable long id, @Valid @RequestBody AroundForm wanted) {
    return sheets.proposal(classes.get(id), wanted.around());
  }

  /** The songs of the evening in order, slower ones to practise to, and what is missing. */
  @GetMapping("/{id}/music")
  @KeepAnswer
  ClassMusic.MusicOfClass music(@PathVariable long id) {
    return music.of(classes.get(id));
  }

  /** The same as a playlist. */
  @GetMapping(value = "/{id}/music/xspf", produces = "application/xspf+xml")
  ResponseEntity<byte[]> playlist(@PathVariable long id) {
    ClassRow row = classes.get(id);
    String text = music.playlist(row, groups.get(row.group()));
    ContentDisposition attached =
        ContentDisposition.attachment().filename("class-" + row.date() + ".xspf").build();
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, attached.toString())
        .body(text.getBytes(StandardCharsets.UTF_8));
  }

  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  ClassSheet plan(@Valid @RequestBody NewClass wanted, @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(classes.plan(wanted.group(), wanted.date(), wanted.minutes(), me));
  }

  @PostMapping("/{id}/plan")
  ClassSheet planAnew(
      @PathVariable long id,
      @Valid @RequestBody PlanAnew wanted,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(classes.planAnew(id, wanted.version(), wanted.around(), me));
  }

  @PostMapping("/{id}/bring-back")
  ClassSheet bringBack(
      @PathVariable long id,
      @Valid @RequestBody BringBack wanted,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(classes.bringBack(id, wanted.version(), wanted.to(), me));
  }

  @PutMapping("/{id}")
  ClassSheet change(
      @PathVariable long id,
      @Valid @RequestBody OrderForm order,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(classes.change(id, order.version(), order.minutes(), order.wanted(), me));
  }

  @PutMapping("/{id}/leader")
  ClassSheet lead(
      @PathVariable long id,
      @Valid @RequestBody LeaderForm form,
      @AuthenticationPrincipal SignedIn me) {
    return sheets.sheet(classes.lead(id, form.version(), Optional.ofNullable(form.leader()), me));
  }

  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void archive(
      @PathVariable long id, @RequestParam int version, @AuthenticationPrincipal SignedIn me) {
    classes.archive(id, version, me);
  }
}
